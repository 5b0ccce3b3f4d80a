import { describe, expect, it } from 'vitest'
import { against, leaves, verdict } from './against'

const share = (value: number) => `${Math.round(100 * value)} %`
const learnt = (n: number, taken = true) => ({
  correction: { n, factor: 0.84, low: 0.78, high: 0.9 },
  taken,
  from: 3,
})

describe('what was said against what came', () => {
  it('holds all records in a square of round values', () => {
    const square = against([1200, 3900])
    expect(square.ticks[0]).toBe(0)
    expect(square.ticks.at(-1)).toBeGreaterThanOrEqual(3900)
    expect(square.at(0)).toBe(0)
    expect(square.at(square.ticks.at(-1)!)).toBe(1)
    expect(square.at(1e9)).toBe(1)
    expect(against([]).ticks.length).toBeGreaterThan(1)
  })

  it('lines leave the square at its upper or its right edge', () => {
    expect(leaves(1)).toEqual([1, 1])
    expect(leaves(0.5)).toEqual([1, 0.5])
    expect(leaves(2)).toEqual([0.5, 1])
  })

  it('says what is missing, what is taken and what is not', () => {
    expect(verdict(learnt(1), share)).toBe(
      '1 of 3 records: 2 more, and forecasts are corrected by them.',
    )
    expect(verdict(learnt(3), share)).toBe(
      'What comes is 84 % of what is said (3 records, likely 78 % to 90 %). Forecasts are corrected by it.',
    )
    expect(verdict(learnt(9, false), share)).toContain('switched off')
  })
})
