/** What a bench found and the grower keeps. */
export interface Found {
  bench: string
  setting?: number
  rateKgPerHa?: number
  chartKgPerHa?: number
  words: string
}
