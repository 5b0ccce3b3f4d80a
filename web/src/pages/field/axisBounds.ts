import type { Schemas } from '../../api/client'
import type { View } from '../../furrow/axis/zoom'
import { between, plus } from '../../words/days'

/** Ground left open before the first link and behind the last, days. */
const MARGIN = 30

/** The farthest that can be looked at: the season, and whatever grew or is to grow beside it. */
export function boundsOf(season: View, links: readonly Schemas['LinkView'][]): View {
  const end = plus(season.start, season.days)
  const first = links
    .map((l) => plus(l.from, -MARGIN))
    .reduce((a, b) => (a < b ? a : b), season.start)
  const last = links.map((l) => plus(l.until, MARGIN)).reduce((a, b) => (a > b ? a : b), end)
  return { start: first, days: between(first, last) }
}
