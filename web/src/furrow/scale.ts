import { between, plus } from '../words/days.ts'

/** Days along a furrow: where a day lies, and which day lies at a place. */
export interface DayScale {
  start: string
  days: number
  width: number
}

export function x(scale: DayScale, day: string): number {
  return (between(scale.start, day) / scale.days) * scale.width
}

/** Whether a day lies on the furrow: today does not, of a season that is past or to come. */
export function within(scale: DayScale, day: string): boolean {
  const at = between(scale.start, day)
  return at >= 0 && at <= scale.days
}

/** The day at a place, kept within the furrow. */
export function dayAt(scale: DayScale, place: number): string {
  const day = Math.round((place / scale.width) * scale.days)
  return plus(scale.start, Math.max(0, Math.min(scale.days, day)))
}
