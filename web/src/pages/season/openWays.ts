import type { Furrow, Schemas } from '../../api/client'
import { grouped, type Row } from './grouping'

export type OpenField = Schemas['OpenField']
type Way = Schemas['OpenWay']

/** How amounts are said in the notes of a way. */
export interface Sayers {
  hours: (hours: number) => string
}

/** How many covers that fit are named. */
const MOST = 3
const days = (n: number) => `${n} ${n === 1 ? 'day' : 'days'}`

/** What a way's machines have before them: the work that is planned, and the time they have for it. */
export function raceOf(way: Way, say: Sayers): { note: string; rust: boolean } {
  const { race } = way
  if (!way.machines.length) return { note: 'no machine in the shed', rust: false }
  const by = way.machines.join(', ')
  if (!race) return { note: by, rust: false }
  const until = race.daysToLast > race.daysToFirst ? ` to ${race.daysToLast}` : ''
  const work = `${by}: ${say.hours(race.hours)} planned in ${race.daysToFirst}${until} days`
  return race.late
    ? { note: `${work}, ${race.late} would be late`, rust: true }
    : { note: work, rust: false }
}

/**
 * The fields that can be seeded this week under each way that can, soonest to close first, ways with a
 * machine before the others; then those that cannot.
 *
 * @param furrows those that are looked at
 */
export function byOpenWay(furrows: readonly Furrow[], ways: readonly Way[], say: Sayers): Row[] {
  const byId = new Map(furrows.map((f) => [f.fieldId, f]))
  const open = new Set<string>()
  const rows = [...ways]
    .sort((a, b) => Number(!a.machines.length) - Number(!b.machines.length))
    .flatMap((way) => {
      const fields = way.fields.flatMap((field) => {
        const furrow = field.seeded ? undefined : byId.get(field.fieldId)
        if (!furrow) return []
        open.add(field.fieldId)
        return [{ key: `${way.method} ${field.fieldId}`, furrow, open: field }]
      })
      if (!fields.length) return []
      const head: Row = {
        key: 'group ' + way.method,
        group: way.label,
        ...raceOf(way, say),
        count: fields.length,
        areaHa: fields.reduce((sum, f) => sum + f.furrow.areaHa, 0),
        ids: fields.map((f) => f.furrow.fieldId),
      }
      return [head, ...fields.map((f) => ({ ...f, count: 1, areaHa: f.furrow.areaHa }))]
    })
  const rest = furrows.filter((f) => !open.has(f.fieldId))
  return [...rows, ...grouped(rest, 'not open')]
}

/** How a field is open to a way of seeding: how long, and until when or for what. */
export function leftOf(field: OpenField, left: number, closes: string, pressed: boolean) {
  const fits = field.fits.slice(0, MOST).join(', ')
  return {
    big: left <= 0 ? 'last day' : `${days(left)} left`,
    small: field.mine ? `planned, closes ${closes}` : fits || `closes ${closes}`,
    rust: field.mine && pressed,
  }
}
