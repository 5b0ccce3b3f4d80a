import { between, MONTHS, plus } from '../../words/days'

/*
 * How much of a field's time is looked at: from years, over the season and a month, to days with
 * their hours. A view is whole days; it lies within bounds.
 */

/** Days that are looked at. */
export interface View {
  start: string
  days: number
}

export type Level = 'years' | 'season' | 'month' | 'days'

/** A month with its edges, days with hours; the least. */
const [MONTH, FEW, LEAST] = [46, 3, 2]
/** More days than a season and its edges are years; fewer than these are days. */
const [YEARS_FROM, DAYS_TO] = [430, 6]
/** From so many days on the season is no longer seen whole. */
const MONTH_TO = 150

export function levelOf(view: View): Level {
  if (view.days >= YEARS_FROM) return 'years'
  if (view.days <= DAYS_TO) return 'days'
  return view.days <= MONTH_TO ? 'month' : 'season'
}

/** The view, as long as it fits and moved to where it fits. */
export function inside(view: View, bounds: View): View {
  const days = Math.max(Math.min(LEAST, bounds.days), Math.min(bounds.days, Math.round(view.days)))
  const at = between(bounds.start, view.start)
  return { start: plus(bounds.start, Math.max(0, Math.min(bounds.days - days, at))), days }
}

/** Whole days, the same either way: who looks closer and back is where they were. */
const whole = (days: number) => Math.sign(days) * Math.round(Math.abs(days))

/** Closer or farther, so that the day at a share of the width stays where it is. */
export function zoomed(view: View, factor: number, share: number, bounds: View): View {
  // At least a day more or less, or small steps would never leave the days.
  const wanted = factor > 1 ? Math.ceil(view.days * factor) : Math.floor(view.days * factor)
  const days = Math.max(LEAST, Math.min(bounds.days, wanted))
  return inside({ start: plus(view.start, whole(share * (view.days - days))), days }, bounds)
}

export function shifted(view: View, days: number, bounds: View): View {
  return inside({ start: plus(view.start, Math.round(days)), days: view.days }, bounds)
}

/** A level with a day in its midst; days begin with it. */
export function around(level: Level, day: string, season: View, bounds: View): View {
  if (level === 'years') return bounds
  if (level === 'season') return inside(season, bounds)
  const days = level === 'month' ? MONTH : FEW
  return inside({ start: plus(day, level === 'month' ? -Math.round(days / 2) : 0), days }, bounds)
}

export interface Tick {
  day: string
  name: string
}

const WEEK = 7
/** A Monday, to count weeks from. */
const MONDAY = '2026-01-05'
const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']
const dayName = (day: string) => `${Number(day.slice(8, 10))} ${monthName(day)}`
const monthName = (day: string) => MONTHS[Number(day.slice(5, 7)) - 1] ?? ''
const mod = (n: number, by: number) => ((n % by) + by) % by

/** What is written along the axis: years, months, weeks or days. */
export function ticks(view: View): Tick[] {
  const level = levelOf(view)
  const found: Tick[] = []
  for (let i = 0; i < view.days; i++) {
    const day = plus(view.start, i)
    const first = day.endsWith('-01')
    const weekday = mod(between(MONDAY, day), WEEK)
    if (level === 'years') {
      if (day.endsWith('-01-01')) found.push({ day, name: day.slice(0, 4) })
    } else if (level === 'season') {
      if (first) found.push({ day, name: monthName(day) })
    } else if (level === 'month') {
      if (view.days <= 3 * WEEK || weekday === 0) found.push({ day, name: dayName(day) })
    } else found.push({ day, name: `${WEEKDAYS[weekday]} ${dayName(day)}` })
  }
  return found
}
