import { expect, it } from 'vitest'
import type { Furrow } from '../../api/client'
import { painted, type By } from './paint'

const odds = { good: 0.7, fair: 0.4 }
const field = (more: object) =>
  ({ crop: 'corn', next: { kind: 'SEED_NOW', label: 'Seed now' }, ...more }) as unknown as Furrow
const name = (more: object, by: By) => painted(field(more), by, (n) => n, odds)

it('odds are good from seven years in ten and fair from four, to the year', () => {
  const of = (met: number) => name({ goal: { met, years: 30 } }, 'odds').name
  expect([21, 20, 12, 11].map(of)).toEqual([
    '7 of 10 years or better',
    '4 to 6 of 10',
    '4 to 6 of 10',
    'below 4 of 10',
  ])
  expect(name({}, 'odds').name).toBe('no cover')
})

it('is painted by crop and by what is next, in colours of the palette where there are', () => {
  expect(name({}, 'crop')).toEqual({ name: 'corn', color: '--crop-straw' })
  expect(name({ crop: 'hay' }, 'crop').color).toBe('--soil-band')
  expect(name({}, 'next')).toEqual({ name: 'Seed now', color: '--leaf' })
})
