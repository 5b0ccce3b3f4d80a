import { describe, expect, it } from 'vitest'
import { dotsOf, frameOf, letter, outline, paid, shares, stillOpen, type TrialView } from './strips'

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
  it('keep their shape: a degree to the east is shorter than one to the north', () => {
    const square = [
      [
        [-90, 60],
        [-89, 60],
        [-89, 61],
        [-90, 61],
      ],
    ]
    const frame = frameOf(square, 100, 1000)
    const wide = frame.at([-89, 60])[0] - frame.at([-90, 60])[0]
    expect(wide).toBeCloseTo(100, 6)
    expect(frame.height / wide).toBeCloseTo(1 / Math.cos((60.5 * Math.PI) / 180), 6)
    expect(frame.at([-90, 61])[1]).toBe(0)
  })
  it('fit a height, and stand in the middle then', () => {
    const tall = [
      [
        [0, 0],
        [1, 0],
        [1, 4],
        [0, 4],
      ],
    ]
    const frame = frameOf(tall, 400, 200)
    expect(frame.height).toBeCloseTo(200, 6)
    const [left] = frame.at([0, 0])
    const [right] = frame.at([1, 0])
    expect(left).toBeCloseTo(400 - right, 6)
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
      text: '$80 worse than rolled, $-120 to $-40 nine times in ten',
    })
    expect(said[1]!.sure).toBe(false)
    expect(said[1]!.text).toContain('better than rolled')
    expect(said[1]!.text).toContain('either way')
  })
})
