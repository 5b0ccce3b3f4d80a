import type { Schemas } from '../../api/client'
import { between } from '../../words/days'

export type Item = Schemas['ItemView']
/** What one machine or person does of a job on a day. */
export interface LaneRow {
  item: Item
  hours: number
  who: string
}
export interface Day {
  day: string
  lanes: [name: string, rows: LaneRow[]][]
}

/** Whose a stint is: the machine's, or the person's who does it. */
export const laneOf = (item: Item, person: string | undefined, by: 'machine' | 'person') =>
  by === 'machine' ? item.doer : (person ?? 'with its own crew')

/**
 * The days from today on, each by machine or by person.
 *
 * @param within days shown; all of them without
 * @param least hours below which work says nothing to anyone, as the way to a field late in the day
 */
export function daysOf(
  items: readonly Item[],
  by: 'machine' | 'person',
  today: string,
  least: number,
  within = Infinity,
): Day[] {
  const found = new Map<string, Map<string, LaneRow[]>>()
  for (const item of items) {
    for (const s of item.segments) {
      const ahead = between(today, s.day)
      if (ahead < 0 || ahead >= within || s.hours < least) continue
      const lane = laneOf(item, s.person, by)
      const day = found.get(s.day) ?? new Map<string, LaneRow[]>()
      const rows = day.get(lane) ?? []
      const same = rows.find((r) => r.item.id === item.id)
      if (same) {
        same.hours += s.hours
        if (s.person && !same.who.includes(s.person)) same.who += `, ${s.person}`
      } else rows.push({ item, hours: s.hours, who: s.person ?? 'own crew' })
      day.set(lane, rows)
      found.set(s.day, day)
    }
  }
  const sorted = <T>(of: Map<string, T>) => [...of].sort(([a], [b]) => a.localeCompare(b))
  return sorted(found).map(([day, lanes]) => ({ day, lanes: sorted(lanes) }))
}

/** Jobs whose last day has passed without being done. */
export const slipped = (items: readonly Item[], today: string) =>
  items.filter((i) => i.shareDone < 1 && i.finishOn < today)

/** Those who do something of it, by name. */
export const peopleOf = (items: readonly Item[]) =>
  [...new Set(items.flatMap((i) => i.segments.map((s) => s.person ?? '')))].filter(Boolean).sort()
