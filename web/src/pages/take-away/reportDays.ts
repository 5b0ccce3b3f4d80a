import { plus } from '../../words/days'

const AHEAD = 13

/** The days a kind of report is asked for at first: crew orders look ahead, all else looks back. */
export const daysOf = (kind: string, today: string): [string, string] =>
  kind === 'crew' ? [today, plus(today, AHEAD)] : [yearBefore(today), today]

/** The same day a year before; of 29 February the 28th. */
export function yearBefore(day: string): string {
  const before = `${Number(day.slice(0, 4)) - 1}${day.slice(4)}`
  return before.endsWith('-02-29') ? before.replace('-02-29', '-02-28') : before
}
