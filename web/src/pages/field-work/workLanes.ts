import { x, type DayScale } from '../../furrow/scale'
import { between, plus, sayDay } from '../../words/days'
import type { Item } from './days'

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
  /** The field's name where there is room for it; nothing where there is none. */
  name: string
  said: string
}

export interface WorkLane {
  name: string
  rows: number
  stints: Stint[]
}

/** The least that is drawn of a stint, what a letter takes, and what stands between two, px. */
const [LEAST, LETTER, GAP] = [5, 6.2, 6] as const

/** Days in a row are one stint. */
function runs(days: readonly string[]): { from: string; to: string }[] {
  const found: { from: string; to: string }[] = []
  for (const day of [...new Set(days)].sort()) {
    const last = found[found.length - 1]
    if (last && between(last.to, day) === 1) last.to = day
    else found.push({ from: day, to: day })
  }
  return found
}

const spell = ({ from, to }: { from: string; to: string }) =>
  from === to ? sayDay(from) : `${sayDay(from)} to ${sayDay(to)}`

/**
 * The lanes of what is in sight, by name.
 *
 * @param named whether fields' names stand behind their jobs
 */
export function workLanes(
  items: readonly Item[],
  by: 'machine' | 'person',
  scale: DayScale,
  named: boolean,
): WorkLane[] {
  const lanes = new Map<string, { item: Item; from: string; to: string }[]>()
  for (const item of items) {
    const days = new Map<string, string[]>()
    for (const s of item.segments) {
      const lane = by === 'machine' ? item.doer : (s.person ?? 'with its own crew')
      days.set(lane, [...(days.get(lane) ?? []), s.day])
    }
    for (const [lane, of] of days)
      lanes.set(lane, [...(lanes.get(lane) ?? []), ...runs(of).map((r) => ({ item, ...r }))])
  }
  return [...lanes]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([name, stints]) => laid(name, stints, scale, named))
    .filter((lane) => lane.stints.length > 0)
}

function laid(
  name: string,
  stints: readonly { item: Item; from: string; to: string }[],
  scale: DayScale,
  named: boolean,
): WorkLane {
  const ends: number[] = []
  const found = [...stints]
    .sort((a, b) => a.from.localeCompare(b.from) || a.to.localeCompare(b.to))
    .flatMap(({ item, from, to }) => {
      const left = x(scale, from)
      const width = Math.max(LEAST, x(scale, plus(to, 1)) - left)
      if (left + width <= 0 || left >= scale.width) return []
      const letters = named ? LETTER * item.field.length + GAP : 0
      const free = ends.findIndex((end) => end <= left)
      const row = free < 0 ? ends.length : free
      ends[row] = Math.max(left + width, left + letters) + (named ? GAP : 0)
      const said = `${item.field}: ${item.label}, ${spell({ from, to })}`
      return [
        {
          id: `${item.id}${from}`,
          fieldId: item.fieldId,
          left,
          width,
          done: width * item.shareDone,
          row,
          name: named && left >= 0 ? item.field : '',
          said: item.shareDone >= 1 ? `${said}, done` : said,
        },
      ]
    })
  return { name, rows: ends.length, stints: found }
}

/** From the week before today, or before the first job, to the week behind the last. */
export function workBounds(items: readonly Item[], today: string) {
  const days = items.flatMap((i) => i.segments.map((s) => s.day)).sort()
  const first = days[0] && days[0] < today ? days[0] : today
  const last = days[days.length - 1] ?? today
  const start = plus(first, -7)
  return { start, days: Math.max(28, between(start, plus(last > today ? last : today, 7))) }
}
