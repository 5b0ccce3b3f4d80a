import { describe, expect, it } from 'vitest'
import { freshRows, freshStrips, rowsFor } from './rowSetup'

const mix = [
  { species: 'cereal_rye', rateKgPerHa: 40 },
  { species: 'hairy_vetch', rateKgPerHa: 12 },
]

describe('rows of a plan', () => {
  it('begin with the usual openers and no nitrogen', () => {
    const rows = freshRows(0.762, 3, 0.19)
    expect(rows.apartM).toBe(0.19)
    expect(rows.sideDress).toBeUndefined()
    expect(freshRows(0.762, 1, 0.19).apartM).toBe(0.762)
  })

  it('share the gap out among the seeds', () => {
    expect(freshStrips(mix, 0.76).map((s) => s.widthM)).toEqual([0.38, 0.38])
  })

  it('lose strips that were drawn for another seed, nothing else', () => {
    const rows = { ...freshRows(0.762, 3, 0.19), strips: freshStrips(mix, 0.762) }
    expect(rowsFor(rows, [mix[1]!, mix[0]!])).toBe(rows)
    expect(rowsFor(rows, [mix[0]!])).toEqual({ ...rows, strips: [] })
    expect(rowsFor(rows, [mix[0]!, { ...mix[1]!, species: 'oats' }])?.strips).toEqual([])
    expect(rowsFor(undefined, mix)).toBeUndefined()
  })
})
