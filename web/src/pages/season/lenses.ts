import type { Furrow, Schemas } from '../../api/client'
import { between, sayDay } from '../../words/days'
import { byWhom } from '../../furrow/jobBars'
import { pressing } from './said'

/** What the right end of a season's rows says: the same rows, looked at for another question. */
export const LENSES = [
  { value: 'odds', title: 'Odds' },
  { value: 'seeding', title: 'Seed this week' },
  { value: 'ending', title: 'Endings' },
  { value: 'ground', title: 'Ground' },
  { value: 'work', title: 'Work' },
] as const
export type Lens = (typeof LENSES)[number]['value']

/** A word or a figure to look at, and a few more under it. */
export interface Said {
  big: string
  small: string
  rust?: boolean
}

const days = (n: number) => `${n} ${n === 1 ? 'day' : 'days'}`

/** How long a field can still be seeded as it is planned. */
export function seedingOf(f: Furrow, today: string): Said {
  if (f.seededOn) return { big: sayDay(f.seededOn), small: 'seeded' }
  if (!f.plan) return { big: '–', small: f.leftOutReason ? 'left out' : 'no cover yet' }
  const { window } = f
  const method = window?.methodLabel ?? ''
  if (!window?.possible) return { big: 'no window', small: method, rust: true }
  const left = between(today, window.closes.day)
  if (left < 0) return { big: 'too late', small: `closed ${sayDay(window.closes.day)}`, rust: true }
  const opens = between(today, window.opens.day)
  if (opens > 0) return { big: `in ${days(opens)}`, small: `opens ${sayDay(window.opens.day)}` }
  return {
    big: `${days(left)} left`,
    small: `closes ${sayDay(window.closes.day)}`,
    rust: pressing(f),
  }
}

/** When and how its cover ends. */
export function endingOf(f: Furrow, label: (way: string) => string): Said {
  if (f.endedOn) return { big: sayDay(f.endedOn), small: 'ended' }
  if (!f.plan) return { big: '–', small: '' }
  return { big: sayDay(f.plan.plan.endOn), small: label(f.plan.plan.ending) }
}

/** What stops a drill, as it is said under a field. */
const STOPS: Record<string, string> = { ground: 'too wet', 'cold ground': 'too cold' }

/** How long a drill can go on it in the next three days, and from when. */
export function groundOf(
  f: Furrow,
  grounds: readonly Schemas['GroundView'][] | undefined,
  today: string,
): Said {
  const g = grounds?.find((one) => one.fieldId === f.fieldId)
  if (!g) return { big: '–', small: grounds ? 'no cover on it' : '' }
  if (!g.from) return { big: STOPS[g.limit] ?? g.limit, small: 'for three days', rust: true }
  const day = g.from.slice(0, 'yyyy-mm-dd'.length)
  return { big: `${g.hours} h`, small: `fit from ${day === today ? 'today' : sayDay(day)}` }
}

/** The next job that is laid out on it. */
export function workOf(f: Furrow, items: readonly Schemas['ItemView'][], today: string): Said {
  const next = items
    .filter((i) => i.fieldId === f.fieldId && i.shareDone < 1)
    .sort((a, b) => a.startOn.localeCompare(b.startOn))[0]
  if (!next) return { big: '–', small: 'nothing laid out' }
  const late = next.finishOn < today
  return { big: sayDay(next.startOn), small: byWhom(next), rust: late }
}
