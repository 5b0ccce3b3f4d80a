import assert from 'node:assert/strict'
import { test } from 'vitest'
import type { Schemas } from '../../api/client'
import { component, turned, withShare } from './rows.ts'

const near = (a: number, b: number) => assert.ok(Math.abs(a - b) < 1e-9, `${a} is not ${b}`)

test('shares: the others keep their proportions in what is left', () => {
  const shares = withShare([0.5, 0.3, 0.2], 0, 0.25)
  ;[0.25, 0.45, 0.3].forEach((want, i) => near(shares[i]!, want))
  near(
    shares.reduce((a, b) => a + b),
    1,
  )
})

test('shares: those that had nothing share alike', () => {
  const shares = withShare([1, 0, 0], 0, 0.6)
  ;[0.6, 0.2, 0.2].forEach((want, i) => near(shares[i]!, want))
})

test('rates: turned to the surface and back they are what they were', () => {
  const rye = {
    drilledKgPerHa: { least: 56, typical: 67, most: 112 },
    surfaceKgPerHa: { least: 84, typical: 101, most: 134 },
  } as unknown as Parameters<typeof turned>[1]
  near(turned(67, rye, 'SURFACE'), 101)
  near(turned(turned(50, rye, 'SURFACE'), rye, 'DRILLED'), 50)
})

test('component: a lot brings its own test and price, usual seed none', () => {
  const lot = { id: 'l1', germination: 0.9, purity: 0.97, usdPerKg: 0.8 } as Schemas['LotView']
  const row = { species: 'cereal_rye', rateKgPerHa: 56, lotId: 'l1' }
  assert.deepEqual(component(row, [lot]), {
    species: 'cereal_rye',
    rateKgPerHa: 56,
    germination: 0.9,
    purity: 0.97,
    pricePerKg: 0.8,
  })
  assert.equal(component({ ...row, lotId: undefined }, [lot]).germination, undefined)
  assert.equal(component({ ...row, rateKgPerHa: undefined }, [lot]).rateKgPerHa, 0)
})
