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
/** What a letter of a name takes, px. */
const LETTER = 6

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
    const before = right + name.length * LETTER > scale.width
    return { key, name, why, left, right, wide, before, named: true }
  }
  const all = [
    ...(plantOn ? [one('plant', 'planting', plantOn, plantOn)] : []),
    ...limits.map((l) => {
      const [key, name] = KINDS[l.kind]
      return one(key, name, l.from, l.to, l.why)
    }),
  ].filter((l) => l.right >= 0 && l.left <= scale.width)
  const lines = all.filter((l) => !l.wide).sort((a, b) => a.left - b.left)
  // Two lines close to each other: the first is named before it, the second behind it.
  lines.forEach((l, i) => {
    const next = lines[i + 1]
    if (next && next.left - l.left < l.name.length * LETTER) {
      l.before = true
      l.named = l.left > l.name.length * LETTER
    }
  })
  return all.map((l) =>
    l.wide ? { ...l, left: Math.max(0, l.left), right: Math.min(scale.width, l.right) } : l,
  )
}
