import type { Schemas } from '../../../api/client'

/** Rows as they are asked about; what is not given is not looked at. */
export interface RowGeometry {
  spacing?: number
  openers?: number
  apart?: number
  next?: number
  band?: number
}

/** The question of rows and strips; nothing until crop rows, openers and their distance are known. */
export function rowQuestion(
  g: RowGeometry,
  areaHa: number | undefined,
  zones: Schemas['Zone'][],
): Schemas['RowsQuestion'] | null {
  if (!g.spacing || !g.openers || !g.apart) return null
  return {
    cropSpacingM: g.spacing,
    openers: Math.round(g.openers),
    openerSpacingM: g.apart,
    nextRowM: g.next,
    bandM: g.band,
    areaHa,
    zones,
  }
}
