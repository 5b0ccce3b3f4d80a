import { describe, expect, it } from 'vitest'
import { asked, blank, PARTS, scale, type Line } from './budget'

const line = (over: Partial<Line>): Line => ({ ...blank('addedIncome'), ...over })

describe('a change as it is typed', () => {
  it('is asked by its parts, without lines that say nothing yet', () => {
    const q = asked([
      line({ name: ' yield ', amount: 60, low: 20, high: 90 }),
      line({ name: '', amount: 5 }),
      line({ name: 'grain price' }),
      line({ part: 'addedCost', name: 'seed', amount: 48 }),
    ])
    expect(q.addedIncome).toEqual([{ name: 'yield', amountPerHa: 60, low: 20, high: 90 }])
    expect(q.addedCost).toEqual([{ name: 'seed', amountPerHa: 48 }])
    expect(q.reducedCost).toEqual([])
    expect(q.reducedIncome).toEqual([])
  })
  it('has a range when both its ends are there', () => {
    const [one] = asked([line({ name: 'x', amount: 1, low: 0 })]).addedIncome!
    expect(one).toEqual({ name: 'x', amountPerHa: 1 })
    const [zero] = asked([line({ name: 'x', amount: 0, low: 0, high: 0 })]).addedIncome!
    expect(zero).toEqual({ name: 'x', amountPerHa: 0, low: 0, high: 0 })
  })
  it('gains by two parts and loses by two', () => {
    expect(PARTS.filter((p) => p.gains).map((p) => p.part)).toEqual(['addedIncome', 'reducedCost'])
  })
})

describe('bars of what a change comes to', () => {
  it('have nothing among them', () => {
    const at = scale([-50, 150], 200)
    expect([-50, 0, 150].map(at)).toEqual([0, 50, 200])
    expect(scale([20, 80], 100)(0)).toBe(0)
    expect(scale([-20, -80], 100)(0)).toBe(100)
    expect(scale([], 100)(0)).toBe(0)
  })
})
