import type { Schemas } from '../../api/client'
import type { UnitSystem } from '../../words/units'

export type HourView = Schemas['HourView']
export type Work = 'rolling' | 'spraying' | 'air' | 'drilling'
export const WORKS: [Work, string][] = [
  ['rolling', 'Rolling'],
  ['spraying', 'Spraying'],
  ['air', 'Drone and aircraft'],
  ['drilling', 'Drilling and planting'],
]
/** An hour with its place in the whole table. */
export interface Placed {
  hour: HourView
  index: number
}
const [NOON, HOURS] = [12, 24] as const

export const hourOf = (h: HourView) => Number(h.time.slice(11, 13))

/** An hour of the day as it is said: “6 am”, “06:00”. */
export function clock(hour: number, system: UnitSystem): string {
  return system === 'us'
    ? `${((hour + NOON - 1) % NOON) + 1} ${hour < NOON ? 'am' : 'pm'}`
    : `${String(hour).padStart(2, '0')}:00`
}

/** The hours by day, in their order. */
export function byDay(hours: readonly HourView[]): { day: string; hours: Placed[] }[] {
  const found = new Map<string, Placed[]>()
  hours.forEach((hour, index) => {
    const day = hour.time.slice(0, 10)
    found.set(day, [...(found.get(day) ?? []), { hour, index }])
  })
  return [...found].map(([day, placed]) => ({ day, hours: placed }))
}

/** The longest run of clear hours while people are out, the first of several as long. */
export function bestRun(
  hours: readonly Placed[],
  work: Work,
  out: (hour: number) => boolean,
): { from: number; until: number } | null {
  let best = { from: 0, length: 0 }
  let length = 0
  for (const [i, { hour }] of hours.entries()) {
    length = hour[work].verdict === 'go' && out(hourOf(hour)) ? length + 1 : 0
    if (length > best.length) best = { from: i - length + 1, length }
  }
  if (!best.length) return null
  const start = hourOf(hours[best.from]!.hour)
  return { from: start, until: (start + best.length) % HOURS }
}

/** What most often stands against a work while people are out. */
export function mostly(
  hours: readonly Placed[],
  work: Work,
  out: (hour: number) => boolean,
): string | undefined {
  const limits = new Map<string, number>()
  for (const { hour } of hours) {
    const { limit } = hour[work]
    if (limit && out(hourOf(hour))) limits.set(limit, (limits.get(limit) ?? 0) + 1)
  }
  return [...limits].sort((a, b) => b[1] - a[1])[0]?.[0]
}

/** Whether hours begin before others do, as those that a phone kept of another day. */
export function older(
  hours: Schemas['HoursView'] | undefined,
  others: Schemas['HoursView'],
): boolean {
  const [mine, theirs] = [hours?.hours[0]?.time, others.hours[0]?.time]
  return !!mine && !!theirs && mine < theirs
}
