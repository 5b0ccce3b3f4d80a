import type { Schemas } from '../../api/client'
import { plus } from '../../words/days'
import { x, type DayScale } from '../scale'

type Limit = Schemas['Limit']

/** A limit as it is drawn: a band where it lasts, a line where it is one day. */
export interface DrawnLimit {
  key: 'plant' | 'insurer' | 'wait' | 'grazed' | 'barred'
  name: string
  why?: Schemas['ReasonView']
  left: number
  right: number
  wide: boolean
  /** Whether its name stands before it, because there is no room behind. */
  before: boolean
  named: boolean
}

const KINDS = {
  INSURER: ['insurer', 'insurer’s last day'],
  PLANT_BACK: ['wait', 'residual: wait'],
  GRAZED: ['grazed', 'grazed'],
  NO_GRAZING: ['barred', 'no grazing'],
} as const
/** What a letter of a name takes, and its distance from what it names, px. */
const [LETTER, GAP] = [6, 5] as const

type Span = readonly [number, number]
const clash = (a: Span, b: Span) => a[0] < b[1] && b[0] < a[1]

/** The limits of a field that are in sight; a name is left out where it would cover another. */
export function limitsOn(
  limits: readonly Limit[],
  plantOn: string | undefined,
  scale: DayScale,
): DrawnLimit[] {
  const one = (
    key: DrawnLimit['key'],
    name: string,
    from: string,
    to: string,
    why?: Schemas['ReasonView'],
  ): DrawnLimit => {
    const wide = from !== to
    const left = x(scale, from)
    const right = wide ? x(scale, plus(to, 1)) : left
    return { key, name, why, left, right, wide, before: false, named: true }
  }
  const all = [
    ...(plantOn ? [one('plant', 'planting', plantOn, plantOn)] : []),
    ...limits.map((l) => {
      const [key, name] = KINDS[l.kind]
      return one(key, name, l.from, l.to, l.why)
    }),
  ]
    .filter((l) => l.right >= 0 && l.left <= scale.width)
    .map((l) =>
      l.wide ? { ...l, left: Math.max(0, l.left), right: Math.min(scale.width, l.right) } : l,
    )
  name(all, scale.width)
  return all
}

/** Lines are named first, from left to right: behind, else before, else not at all. */
function name(all: DrawnLimit[], width: number) {
  const lines = all.filter((l) => !l.wide).sort((a, b) => a.left - b.left)
  const taken: Span[] = []
  for (const l of [...lines, ...all.filter((a) => a.wide)]) {
    const long = l.name.length * LETTER
    const others = [...taken, ...lines.filter((o) => o !== l).map((o): Span => [o.left, o.left])]
    const free = (s: Span) => s[0] >= 0 && s[1] <= width && !others.some((o) => clash(o, s))
    const behind: Span = [l.right + GAP, l.right + GAP + long]
    const before: Span = [l.left - GAP - long, l.left - GAP]
    l.before = !free(behind)
    const at = l.before ? before : behind
    l.named = free(at)
    if (l.named) taken.push(at)
  }
}
