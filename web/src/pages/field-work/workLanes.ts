import { x, type DayScale } from '../../furrow/scale'
import { between, plus, sayDay } from '../../words/days'
import { laneOf, type Item } from './days'

/*
 * The work along its days: a lane for each machine or person, its jobs on it under each other where
 * one and its name would lie on another.
 */

/** Days in a row on which a job is worked at. */
export interface Stint {
  id: string
  fieldId: string
  left: number
  width: number
  /** What of it is done, px. */
  done: number
  /** How far down it lies in its lane. */
  row: number
  /** The field's name, and where it begins: in the stint where it has room, else behind it. */
  name: string
  nameAt: number
  said: string
}

export interface WorkLane {
  name: string
  rows: number
  stints: Stint[]
}

/** The least that is drawn of a stint, what a letter takes, what stands between two and before a name, px. */
const [LEAST, LETTER, GAP, EDGE] = [5, 6.2, 6, 3] as const

interface Run {
  item: Item
  from: string
  to: string
  hours: number
}
type Shift = Item['segments'][number]

/** Days in a row are one run. */
function runs(item: Item, shifts: readonly Shift[]): Run[] {
  const found: Run[] = []
  for (const { day, hours } of [...shifts].sort((a, b) => a.day.localeCompare(b.day))) {
    const last = found[found.length - 1]
    if (last && between(last.to, day) <= 1) {
      last.to = day
      last.hours += hours
    } else found.push({ item, from: day, to: day, hours })
  }
  return found
}

const spell = ({ from, to }: Run) =>
  from === to ? sayDay(from) : `${sayDay(from)} to ${sayDay(to)}`

/**
 * The lanes of what is in sight, by name.
 *
 * @param named what stands at a job, of its hours; without it nothing does
 */
export function workLanes(
  items: readonly Item[],
  by: 'machine' | 'person',
  scale: DayScale,
  named?: (item: Item, hours: number) => string,
): WorkLane[] {
  const lanes = new Map<string, Run[]>()
  for (const item of items) {
    const shifts = new Map<string, Shift[]>()
    for (const s of item.segments) {
      const lane = laneOf(item, s.person, by)
      shifts.set(lane, [...(shifts.get(lane) ?? []), s])
    }
    for (const [lane, of] of shifts)
      lanes.set(lane, [...(lanes.get(lane) ?? []), ...runs(item, of)])
  }
  return [...lanes]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([name, of]) => laid(name, of, scale, named))
    .filter((lane) => lane.stints.length > 0)
}

function laid(
  lane: string,
  of: readonly Run[],
  scale: DayScale,
  named?: (item: Item, hours: number) => string,
): WorkLane {
  const ends: number[] = []
  const stints = [...of]
    .sort((a, b) => a.from.localeCompare(b.from) || a.to.localeCompare(b.to))
    .flatMap((run) => {
      const { item, from, to, hours } = run
      const left = x(scale, from)
      const width = Math.max(LEAST, x(scale, plus(to, 1)) - left)
      if (left + width <= 0 || left >= scale.width) return []
      const name = named?.(item, hours) ?? ''
      const letters = name ? LETTER * name.length + GAP : 0
      // What began before the days in sight has its name where it comes into sight.
      const seen = Math.max(0, left)
      const within = letters <= left + width - seen
      const free = ends.findIndex((end) => end <= left)
      const row = free < 0 ? ends.length : free
      ends[row] = left + width + (within ? 0 : letters) + (name ? GAP : 0)
      const said = `${item.field}: ${item.label}, ${spell(run)}`
      return [
        {
          id: `${item.id}${from}`,
          fieldId: item.fieldId,
          left,
          width,
          done: width * item.shareDone,
          row,
          name,
          nameAt: (within ? seen : left + width) + EDGE,
          said: item.shareDone >= 1 ? `${said}, done` : said,
        },
      ]
    })
  return { name: lane, rows: ends.length, stints }
}

/** From the week before today, or before the first job, to the week behind the last. */
export function workBounds(items: readonly Item[], today: string) {
  const days = items.flatMap((i) => i.segments.map((s) => s.day)).sort()
  const first = days[0] && days[0] < today ? days[0] : today
  const last = days[days.length - 1] ?? today
  const start = plus(first, -7)
  return { start, days: Math.max(28, between(start, plus(last > today ? last : today, 7))) }
}
