import { between, plus } from '../words/days'

/*
 * Things that last from one day to another, as bars under each other on one axis of days.
 */

/** A bar: when something can be done. */
export interface DayBar {
  key: string
  label: string
  /** Which drawing stands at its beginning. */
  kind: string
  from: string
  to: string
  /** The last day on which it is as good as it gets; all of it where none is given. */
  best?: string
  tone: 'good' | 'plain' | 'over'
  /** How thick it is drawn, 0 to 1: what it is worth, where that can be said in one figure. */
  thick?: number
  /** What is said at its end. */
  value?: string
}

/** Days that are drawn, from the first of a month to the last of one. */
export interface DayRange {
  start: string
  days: number
}

const first = (day: string) => `${day.slice(0, 8)}01`

/** Whole months round all bars and days that are to be seen. */
export function rangeOf(bars: readonly DayBar[], also: readonly string[] = []): DayRange | null {
  const days = [...bars.flatMap((b) => [b.from, b.to]), ...also].sort()
  const [from, to] = [days[0], days[days.length - 1]]
  if (!from || !to) return null
  const start = first(from)
  return { start, days: between(start, first(plus(first(to), 32))) }
}

/** Where a day lies, in hundredths of the width; beyond the ends at the end. */
export function placeOf(day: string, range: DayRange): number {
  const at = (100 * between(range.start, day)) / range.days
  return Math.min(100, Math.max(0, at))
}

/** Where a bar lies and where it stops to be at its best, in hundredths of the width. */
export function spanOf(bar: DayBar, range: DayRange) {
  const left = placeOf(bar.from, range)
  const right = placeOf(plus(bar.to, 1), range)
  const best = bar.best && bar.best < bar.to ? placeOf(plus(bar.best, 1), range) : right
  return { left, width: right - left, best: Math.max(0, best - left) }
}
