import { expect, it } from 'vitest'
import { HEIGHTS, heightPx } from './heights'

it('a farm of 27 fields fits on one screen as threads, and rows are tall enough for a thumb', () => {
  const room = 800 - 52 - 150
  expect(Math.floor(room / heightPx('thread', false))).toBeGreaterThanOrEqual(27)
  expect(heightPx('row', true)).toBeGreaterThanOrEqual(44)
  expect(heightPx('tall', true)).toBeGreaterThan(heightPx('tall', false))
  expect(HEIGHTS.map((h) => heightPx(h.key, false))).toEqual([104, 44, 18])
})
