import type { Schemas } from '../../api/client'
import { steps } from '../../charts/axes'

/** What was said against what came, as it is drawn: a square, both ways to the same measure. */
export interface Against {
  /** Round values along both ways, lowest first. */
  ticks: number[]
  /** A share of the square, from 0 at the origin to 1. */
  at: (value: number) => number
}

/** The measure of a square that holds all records; figures as the reader says them. */
export function against(figures: number[]): Against {
  const ticks = steps(Math.max(0, ...figures))
  const most = ticks.at(-1) ?? 1
  return { ticks, at: (value) => Math.min(1, Math.max(0, value / most)) }
}

/** Where a line through the origin leaves the square, of a slope. */
export const leaves = (slope: number): [number, number] => (slope > 1 ? [1 / slope, 1] : [1, slope])

type Learnt = Pick<Schemas['LearntView'], 'correction' | 'taken' | 'from'>

/** What the records say, in a sentence. */
export function verdict(l: Learnt, share: (value: number) => string): string {
  const { n, factor, low, high } = l.correction
  if (n < l.from) {
    const rest = l.from - n
    return `${n} of ${l.from} records: ${rest} more, and forecasts are corrected by them.`
  }
  const said = `What comes is ${share(factor)} of what is said (${n} records, likely ${share(low)} to ${share(high)}).`
  return l.taken
    ? `${said} Forecasts are corrected by it.`
    : `${said} It is switched off: forecasts are as they would be without your records.`
}
