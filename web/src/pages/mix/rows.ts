import type { Schemas } from '../../api/client'

/** A species of the mix that is being made. */
export interface MixRow {
  species: string
  rateKgPerHa: number | undefined
  lotId?: string
}

/** A row as the mix is asked about: with the germination, purity and price of its lot. */
export function component(row: MixRow, lots: readonly Schemas['LotView'][]) {
  const lot = lots.find((l) => l.id === row.lotId)
  return {
    species: row.species,
    rateKgPerHa: row.rateKgPerHa ?? 0,
    germination: lot?.germination,
    purity: lot?.purity,
    pricePerKg: lot?.usdPerKg,
  }
}

/**
 * Shares after one was set: the others keep their proportions in what is left, or share it alike when
 * they had nothing.
 */
export function withShare(shares: readonly number[], i: number, value: number): number[] {
  const rest = shares.reduce((sum, s, at) => (at === i ? sum : sum + s), 0)
  return shares.map((s, at) =>
    at === i ? value : rest > 0 ? (s / rest) * (1 - value) : (1 - value) / (shares.length - 1),
  )
}

type Rates = Pick<Schemas['Choices']['species'][number], 'drilledKgPerHa' | 'surfaceKgPerHa'>

/** A rate turned from the drill to the surface or back, by what the species usually takes each way. */
export function turned(rateKgPerHa: number, species: Rates, will: string): number {
  const [surface, drilled] = [species.surfaceKgPerHa.typical, species.drilledKgPerHa.typical]
  return rateKgPerHa * (will === 'DRILLED' ? drilled / surface : surface / drilled)
}
