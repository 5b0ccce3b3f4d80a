import type { Schemas } from '../../api/client'
import { between } from '../../words/days'

type LinkView = Schemas['LinkView']

/** Open ground between two links that is long enough for a cover to be thought of. */
export interface Room {
  /** After the link with this id; empty before the first. */
  after: string
  days: number
  /** Season and cover to look at, to plan one there. */
  season: number
  link?: string
}

/**
 * Where another cover could stand between two links.
 * @param least days of open ground worth a thought
 */
export function rooms(links: LinkView[], least: number): Room[] {
  const all: Room[] = []
  for (let i = 0; i + 1 < links.length; i++) {
    const [a, b] = [links[i], links[i + 1]]
    if (!a || !b) continue
    const days = between(a.until, b.from)
    if (days < least) continue
    if (a.kind === 'cover')
      all.push({ after: a.id, days, season: a.nextSeason, link: whereBehind(a, b) })
    else if (b.kind === 'cover')
      all.push({ after: a.id, days, season: b.season, link: 'new-first' })
    else all.push({ after: a.id, days, season: a.season })
  }
  return all
}

/** Behind a cover, unless that would be of the next season: there it is the first. */
function whereBehind(a: LinkView, b: LinkView): string {
  if (a.nextSeason === a.season) return `new-${a.planId}`
  return b.kind === 'cover' && b.season === a.nextSeason ? 'new-first' : 'new'
}
