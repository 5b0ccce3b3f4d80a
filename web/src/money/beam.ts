import type { Schemas } from '../api/client'

/** Money as bars from a middle line: what costs goes to the left, what brings to the right. */
export type Line = Schemas['LineView']

export interface Reach {
  least: number
  most: number
}

/** The ends of a scale that holds all amounts and nought. */
export function reach(amounts: number[]): Reach {
  const least = Math.min(0, ...amounts)
  const most = Math.max(0, ...amounts)
  return least === most ? { least: -1, most: 1 } : { least, most }
}

/** Where an amount lies on a scale, 0 to 1. */
export const along = (r: Reach, usd: number) => (usd - r.least) / (r.most - r.least)

/** A bar from nought to an amount: where it begins and how long it is, 0 to 1. */
export function bar(r: Reach, usd: number): { from: number; size: number } {
  const nought = along(r, 0)
  const end = along(r, usd)
  return { from: Math.min(nought, end), size: Math.abs(end - nought) }
}

/** As it stands: what it came to, else as planned. */
export const stands = (l: Line) => l.came ?? l.planned ?? 0

export interface Part {
  key: string
  usd: number
}
export interface Piece extends Part {
  from: number
  size: number
}

/** Parts laid end to end on either side of nought, the largest nearest to it. */
export function stacked(r: Reach, parts: Part[]): Piece[] {
  const ends = { cost: 0, brings: 0 }
  return [...parts]
    .filter((p) => p.usd !== 0)
    .sort((a, b) => Math.abs(b.usd) - Math.abs(a.usd))
    .map((p) => {
      const side = p.usd < 0 ? 'cost' : 'brings'
      const begin = ends[side]
      ends[side] += p.usd
      const [a, b] = [along(r, begin), along(r, ends[side])]
      return { ...p, from: Math.min(a, b), size: Math.abs(b - a) }
    })
}

/** The sums of the parts on either side of nought. */
export function sides(parts: Part[]): number[] {
  const sum = (of: (usd: number) => boolean) =>
    parts.reduce((all, p) => all + (of(p.usd) ? p.usd : 0), 0)
  return [sum((usd) => usd < 0), sum((usd) => usd > 0)]
}
