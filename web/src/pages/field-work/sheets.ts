import type { Schemas } from '../../api/client'
import { plus, sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

type Job = Schemas['CabJob']
type Shift = Schemas['Shift']

/** The days of a job: one, from one to another, or apart. */
export function daysOf(shifts: Shift[]): string {
  const days = [...new Set(shifts.map((s) => s.day))].sort()
  const [first, last] = [days[0], days.at(-1)]
  if (!first || !last) return ''
  if (first === last) return sayDay(first)
  const inARow = days.every((d, i) => d === plus(first, i))
  const month = first.slice(0, 7) === last.slice(0, 7)
  return inARow
    ? `${month ? Number(first.slice(8)) : sayDay(first)} to ${sayDay(last)}`
    : days.map(sayDay).join(', ')
}

/** Who drives; machines that bring their people say so. */
export function drivers(shifts: Shift[]): string {
  const names = [...new Set(shifts.flatMap((s) => (s.person ? [s.person] : [])))]
  return names.join(', ') || 'with its own crew'
}

/** Which way to go, where it matters: over rows that are there, and for those that come after. */
export function wayToGo({ kind, alongRows, bearingDeg }: Job): string {
  const degrees = bearingDeg === undefined ? undefined : `${Math.round(bearingDeg)}°`
  if (kind === 'seed') return `Direction: ${degrees ? `last time ${degrees}; ` : ''}now ______°`
  if (alongRows)
    return degrees ? `Direction: ${degrees}, as it was drilled` : 'Direction: as it was drilled'
  return ''
}

/** Each caution of a sheet's jobs once, in the order of the jobs. */
export function cautionsOf(
  sheet: Schemas['CabSheet'],
  say: (reason: Schemas['ReasonView']) => string,
): string[] {
  return [...new Set(sheet.jobs.flatMap((j) => j.cautions.map((c) => sentence(say(c)))))]
}
