import type { Schemas } from '../../api/client'

/** A change as it is typed: what it brings and what it costs, each with what it may be. */
export type Part = 'addedIncome' | 'reducedCost' | 'reducedIncome' | 'addedCost'
export interface Line {
  part: Part
  name: string
  amount: number | undefined
  low: number | undefined
  high: number | undefined
}
export const PARTS: { part: Part; title: string; gains: boolean }[] = [
  { part: 'addedIncome', title: 'Comes in more', gains: true },
  { part: 'reducedCost', title: 'Is saved', gains: true },
  { part: 'reducedIncome', title: 'Comes in less', gains: false },
  { part: 'addedCost', title: 'Costs more', gains: false },
]
export const blank = (part: Part): Line => ({
  part,
  name: '',
  amount: undefined,
  low: undefined,
  high: undefined,
})

/** What is asked of core: lines with a name and an amount; a range counts when both its ends are there. */
export function asked(lines: Line[]): Schemas['BudgetQuestion'] {
  const of = (part: Part) =>
    lines
      .filter((l) => l.part === part && l.name.trim() && l.amount !== undefined)
      .map((l) => {
        const ranged = l.low !== undefined && l.high !== undefined
        return {
          name: l.name.trim(),
          amountPerHa: l.amount!,
          ...(ranged ? { low: l.low, high: l.high } : {}),
        }
      })
  return {
    addedIncome: of('addedIncome'),
    reducedCost: of('reducedCost'),
    reducedIncome: of('reducedIncome'),
    addedCost: of('addedCost'),
  }
}

/** Where bars of a net lie between two edges, zero among them. */
export function scale(nets: number[], width: number) {
  const least = Math.min(0, ...nets)
  const most = Math.max(0, ...nets)
  const span = most - least || 1
  return (net: number) => ((net - least) / span) * width
}
