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
  let best: { from: number; length: number } | null = null
  let from = -1
  hours.forEach(({ hour }, i) => {
    if (hour[work].verdict !== 'go' || !out(hourOf(hour))) {
      from = -1
      return
    }
    if (from < 0) from = i
    if (i - from + 1 > (best?.length ?? 0)) best = { from, length: i - from + 1 }
  })
  // The compiler does not see what the loop above has written.
  const run = best as { from: number; length: number } | null
  if (!run) return null
  const start = hourOf(hours[run.from]!.hour)
  return { from: start, until: (start + run.length) % HOURS }
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
