import type { PlanInput, Schemas } from '../../api/client'

export type RowSetup = NonNullable<PlanInput['rows']>

/** What a plan of rows begins with; nothing that only a label can say. */
export function freshRows(spacing: number, openers: number, apart: number): RowSetup {
  return {
    cropSpacingM: spacing,
    openers,
    apartM: openers === 1 ? spacing : apart,
    seededGaps: 1,
    ofGaps: 1,
    angleDeg: 0,
    strips: [],
  }
}

/** A strip for each seed, of one width to begin with. */
export function freshStrips(
  components: PlanInput['components'],
  spacing: number,
): Schemas['RowStrip'][] {
  return components.map((c) => ({
    species: c.species,
    widthM: spacing / components.length,
    box: '',
  }))
}

/** Rows as they still hold for other seed: strips are for the seeds they were drawn for. */
export function rowsFor(
  rows: RowSetup | undefined,
  components: PlanInput['components'],
): RowSetup | undefined {
  if (!rows?.strips?.length) return rows
  const mix = new Set(components.map((c) => c.species))
  const drawn = new Set(rows.strips.map((s) => s.species))
  const same = mix.size === drawn.size && [...mix].every((s) => drawn.has(s))
  return same ? rows : { ...rows, strips: [] }
}
