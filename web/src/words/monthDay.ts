import { MONTHS, sayDay } from './days'

/** A day of any year, as it is kept: “--05-20”. */
export const sayMonthDay = (kept: string) => sayDay(`2000-${kept.replace('--', '')}`)

const DAYS_IN = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

/**
 * Reads a day of any year as growers write it: “20 May”, “May 20”.
 * @returns as it is kept; nothing when it is no such day
 */
export function readMonthDay(text: string): string | undefined {
  const words = text
    .trim()
    .toLowerCase()
    .split(/[\s.,]+/)
    .filter(Boolean)
  const name = words.find((w) => /^[a-z]{3,}$/.test(w))
  const figure = words.find((w) => /^\d{1,2}$/.test(w))
  if (words.length !== 2 || !name || !figure) return undefined
  const month = MONTHS.findIndex((m) => name.startsWith(m.toLowerCase()))
  const day = Number(figure)
  if (month < 0 || day < 1 || day > (DAYS_IN[month] ?? 0)) return undefined
  return `--${String(month + 1).padStart(2, '0')}-${String(day).padStart(2, '0')}`
}
