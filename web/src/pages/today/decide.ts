import type { Furrow } from '../../api/client'

type Kind = Furrow['next']['kind']

/** What is to be decided on a field, or looked at. */
export interface Decision {
  furrow: Furrow
  /** In a few words. */
  ask: string
  /** The day it must be; none where nothing runs out. */
  by?: string
  /** Whether it is a plan that only waits to be accepted. */
  accept: boolean
  /** Where it is done. */
  to: string
}

const ASKS: Partial<Record<Kind, string>> = {
  MISSED: 'Choose another way',
  END_NOW: 'End the cover',
  LOOK: 'Count the stand',
}
/** Steps whose proposed plan should be accepted before its day comes. */
const WAITS: readonly Kind[] = ['CLOSING', 'SEED_NOW', 'SEED_SOON']

function decision(furrow: Furrow): Decision | undefined {
  const { kind, due } = furrow.next
  const field = `/fields/${furrow.fieldId}`
  const ask = ASKS[kind]
  if (ask) {
    const to = kind === 'LOOK' ? `${field}/walk` : kind === 'END_NOW' ? `${field}/end` : field
    return { furrow, ask, by: due, accept: false, to }
  }
  const proposed = furrow.plan?.plan.status === 'proposed'
  return proposed && WAITS.includes(kind)
    ? { furrow, ask: 'Accept or change', by: due, accept: true, to: field }
    : undefined
}

/** What is to be decided, what runs out first before the rest. */
export function decisions(furrows: readonly Furrow[]): Decision[] {
  const last = '9999'
  return furrows
    .map(decision)
    .filter((d) => d !== undefined)
    .sort(
      (a, b) =>
        (a.by ?? last).localeCompare(b.by ?? last) || a.furrow.name.localeCompare(b.furrow.name),
    )
}

/** Fields that nobody has chosen a cover for. */
export const unchosen = (furrows: readonly Furrow[]) =>
  furrows.filter((f) => f.next.kind === 'CHOOSE')
