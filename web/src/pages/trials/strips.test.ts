import { describe, expect, it } from 'vitest'
import {
  dotsOf,
  frameOf,
  letter,
  outline,
  paid,
  shares,
  stillOpen,
  type TrialView,
  ownError,
} from './strips'

const strip = (number: number, treatment: number, value?: number, lost?: string) => ({
  number,
  block: Math.ceil(number / 2),
  treatment,
  lost,
  figures: value === undefined ? {} : { yieldMgPerHa: value },
  ring: [],
})
const trial = {
  strips: [strip(1, 0, 3.6), strip(2, 1, 3.2), strip(3, 1, 3.3, 'flooded'), strip(4, 0)],
} as unknown as TrialView

describe('strips as they are drawn', () => {
  it('have letters in the order of treatments', () => {
    expect([0, 1, 2].map(letter)).toEqual(['A', 'B', 'C'])
  })
  const box = (west: number, south: number, east: number, north: number) => [
    [west, south],
    [east, south],
    [east, north],
    [west, north],
  ]
  it('stand upright whichever way they run, the first to the left', () => {
    const eastward = [box(0, 2, 9, 3), box(0, 1, 9, 2), box(0, 0, 9, 1)]
    const frame = frameOf(eastward, 90, 300, 200)
    const middle = (ring: number[][]) => outline(ring, frame.at).middle[0]
    expect(eastward.map(middle).map(Math.round)).toEqual([50, 150, 250])
    expect(frame.north).toBe(-90)
    const northward = [box(0, 0, 1, 9), box(1, 0, 2, 9)]
    const up = frameOf(northward, 0, 300, 200)
    expect(outline(northward[0]!, up.at).middle[0]).toBeCloseTo(75, 6)
    expect(up.at([0, 9])[1]).toBeCloseTo(0, 6)
    expect(up.at([0, 0])[1]).toBeCloseTo(200, 6)
  })
  it('have their letter in the middle', () => {
    const o = outline(
      [
        [0, 0],
        [10, 0],
        [10, 4],
      ],
      (p) => [p[0]!, p[1]!],
    )
    expect(o.path).toBe('M0.0,0.0L10.0,0.0L10.0,4.0Z')
    expect(o.middle).toEqual([5, 2])
  })
})

describe('what stands on strips', () => {
  it('leaves out what is lost or not measured', () => {
    expect(dotsOf(trial, 'yieldMgPerHa').map((d) => d.n)).toEqual([1, 2])
    expect(stillOpen(trial, 'yieldMgPerHa')).toBe(1)
    expect(stillOpen(trial, 'weedsOf10')).toBe(3)
  })
  it('is a share between the least and the greatest', () => {
    expect([3, 4, 5].map(shares([3, 5]))).toEqual([0, 0.5, 1])
    expect(shares([2, 2])(2)).toBe(0.5)
  })
  it('says what pays, and when that may be either way', () => {
    const pays = [
      { treatment: 'late', usdPerHa: -80, low: -120, high: -40 },
      { treatment: 'early', usdPerHa: 10, low: -30, high: 50 },
    ]
    const said = paid({ pays } as never, 'rolled', (v) => `$${v}`)
    expect(said[0]).toMatchObject({
      gain: false,
      sure: true,
      text: '$80 worse than rolled, between $40 and $120 nine times in ten',
    })
    expect(said[1]!.sure).toBe(false)
    expect(said[1]!.text).toBe(
      '$10 better than rolled, from $30 worse to $50 better nine times in ten',
    )
    const won = paid(
      { pays: [{ treatment: 'x', usdPerHa: 9, low: 4, high: 14 }] } as never,
      'y',
      String,
    )
    expect(won[0]!.text).toBe('9 better than y, between 4 and 14 nine times in ten')
  })

  it('what strips vary by is the mean square of the own trials of that measure', () => {
    const trial = (key: string, cv?: number) => ({ results: [{ key, cv }] }) as TrialView
    expect(ownError([], 'y')).toBeUndefined()
    expect(ownError([trial('y'), trial('plants', 0.5)], 'y')).toBeUndefined()
    const own = ownError([trial('y', 0.03), trial('y', 0.05), trial('plants', 0.5)], 'y')
    expect(own?.trials).toBe(2)
    expect(own?.cv).toBeCloseTo(Math.sqrt((0.0009 + 0.0025) / 2))
  })
})
