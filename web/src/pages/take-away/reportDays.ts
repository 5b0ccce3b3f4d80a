/** The same day a year before; of 29 February the 28th. */
export function yearBefore(day: string): string {
  const before = `${Number(day.slice(0, 4)) - 1}${day.slice(4)}`
  return before.endsWith('-02-29') ? before.replace('-02-29', '-02-28') : before
}
