import { describe, expect, it } from 'vitest'
import { band, coverHeight, nextCropHeights, ripening, silhouette, until, WEEKS } from './shapes'

const room = { width: 100, ground: 50, height: 40 }

describe('what stands on a furrow', () => {
  it('is an outline from ground to ground', () => {
    expect(silhouette([0, 1, 0.5], room)).toBe('M0,50.0L0.0,50.0L50.0,10.0L100.0,30.0L100.0,50.0Z')
  })

  it('is nothing where hardly anything stands', () => {
    expect(silhouette([0, 0.004, 0], room)).toBe('')
    expect(silhouette([0, 0.005, 0], room)).not.toBe('')
    expect(silhouette([1], room)).toBe('')
    expect(band([0, 0], [0, 0.004], room)).toBe('')
    expect(band([0], [1], room)).toBe('')
  })

  it('has its range between two outlines, there and back', () => {
    expect(band([0, 0.25], [0.5, 1], room)).toBe('M0.0,30.0L100.0,10.0L100.0,40.0L0.0,50.0Z')
  })
})

describe('heights', () => {
  it('keep small stands in sight and stop at full', () => {
    expect(coverHeight(0, 8)).toBe(0)
    expect(coverHeight(2, 8)).toBe(0.5)
    expect(coverHeight(8, 8)).toBe(1)
    expect(coverHeight(20, 8)).toBe(1)
    expect(coverHeight(-1, 8)).toBe(0)
  })

  it('are cut off where a cover is ended', () => {
    expect(until([1, 2, 3, 4], 1)).toEqual([1, 2, 0, 0])
    expect(until([1, 2], 9)).toEqual([1, 2])
    expect(until([1, 2], -1)).toEqual([0, 0])
  })

  it('of the next crop rise from its planting to half', () => {
    const heights = nextCropHeights(43)
    expect(heights).toHaveLength(WEEKS)
    expect(heights.slice(0, 45).every((h) => h === 0)).toBe(true)
    expect(heights[45]).toBeCloseTo(0.06)
    expect(heights[WEEKS - 1]).toBe(0.5)
  })

  it('ripen from green to straw, told every other week of what stands', () => {
    const told = ripening([0, 1, 1, 1, 0.5], [0, 1, 0.75, 0.5, 0.5])
    expect(told).toEqual([
      { at: 0.5, ripe: 0.25 },
      { at: 1, ripe: 0 },
    ])
  })
})
