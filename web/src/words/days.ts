/** Days as ISO strings, counted and said. No clock and no time zone: a day is a day. */
export const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ')
const WEEKDAYS = 'Sun Mon Tue Wed Thu Fri Sat'.split(' ')
/** Days of the week as work is laid out by them. */
export const WEEK = [...WEEKDAYS.slice(1), WEEKDAYS[0] ?? '']
const MS = 86_400_000

function utc(day: string): number {
  return Date.UTC(Number(day.slice(0, 4)), Number(day.slice(5, 7)) - 1, Number(day.slice(8, 10)))
}

/** Days from one day to another. */
export function between(from: string, to: string): number {
  return Math.round((utc(to) - utc(from)) / MS)
}

/** A day so many days later. */
export function plus(day: string, days: number): string {
  return new Date(utc(day) + days * MS).toISOString().slice(0, 10)
}

/** “12 Sep”. */
export function sayDay(day: string): string {
  return `${Number(day.slice(8, 10))} ${MONTHS[Number(day.slice(5, 7)) - 1] ?? ''}`
}

/** “Sat 12 Sep 2026”. */
export function sayFullDay(day: string): string {
  return `${WEEKDAYS[new Date(utc(day)).getUTCDay()] ?? ''} ${sayDay(day)} ${day.slice(0, 4)}`
}

/** First days of the months between two days, with short names. */
export function months(from: string, to: string): { day: string; name: string }[] {
  const found: { day: string; name: string }[] = []
  let year = Number(from.slice(0, 4))
  let month = Number(from.slice(5, 7))
  for (;;) {
    const day = `${year}-${String(month).padStart(2, '0')}-01`
    if (day > to) return found
    if (day >= from) found.push({ day, name: MONTHS[month - 1] ?? '' })
    month += 1
    if (month > 12) {
      month = 1
      year += 1
    }
  }
}
