import { describe, expect, test } from 'vitest'
import { along, bar, reach, sides, stacked, stands, type Line } from './beam'

describe('beam', () => {
  test('the scale holds nought even where all costs or all brings', () => {
    expect(reach([-40, -10])).toEqual({ least: -40, most: 0 })
    expect(reach([5])).toEqual({ least: 0, most: 5 })
    expect(reach([0])).toEqual({ least: -1, most: 1 })
  })

  test('a bar goes from nought to its amount, to the left where it costs', () => {
    const r = reach([-30, 10])
    expect(along(r, 0)).toBeCloseTo(0.75)
    expect(bar(r, -30)).toEqual({ from: 0, size: 0.75 })
    expect(bar(r, 10)).toEqual({ from: 0.75, size: 0.25 })
    expect(bar(r, 0).size).toBe(0)
  })

  test('parts lie end to end, the largest at nought, and fill the sides', () => {
    const parts = [
      { key: 'seed', usd: -10 },
      { key: 'ending', usd: -20 },
      { key: 'nitrogen', usd: 10 },
      { key: 'feed', usd: 0 },
    ]
    expect(sides(parts)).toEqual([-30, 10])
    const r = reach(sides(parts))
    const pieces = stacked(r, parts)
    expect(pieces.map((p) => p.key)).toEqual(['ending', 'seed', 'nitrogen'])
    expect(pieces[0]!.from).toBeCloseTo(0.25)
    expect(pieces[0]!.size).toBeCloseTo(0.5)
    expect(pieces[1]!.from).toBeCloseTo(0)
    expect(pieces[1]!.size).toBeCloseTo(0.25)
    expect(pieces[2]!.from).toBeCloseTo(0.75)
    expect(pieces[2]!.size).toBeCloseTo(0.25)
  })

  test('a line stands as it came, else as planned', () => {
    const line = { planned: -5 } as Line
    expect(stands(line)).toBe(-5)
    expect(stands({ ...line, came: 0 })).toBe(0)
    expect(stands({} as Line)).toBe(0)
  })
})
