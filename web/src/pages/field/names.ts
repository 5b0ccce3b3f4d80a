/** Field terms for wire names. */
export const crops: Record<string, string> = {
  corn: 'corn',
  silageCorn: 'silage corn',
  soybean: 'soybeans',
  smallGrain: 'wheat or small grain',
  none: 'no crop',
}
export const soils: Record<string, string> = {
  sand: 'sand',
  sandyLoam: 'sandy loam',
  loam: 'loam',
  siltLoam: 'silt loam',
  clayLoam: 'clay loam',
  clay: 'clay',
}
export const drainages: Record<string, string> = {
  well: 'well drained',
  moderate: 'moderately drained',
  somewhatPoor: 'somewhat poorly drained',
  poor: 'poorly drained',
}
export function items(names: Record<string, string>) {
  return Object.entries(names).map(([value, title]) => ({ value, title }))
}
