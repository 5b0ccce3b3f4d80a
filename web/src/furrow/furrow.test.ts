import assert from 'node:assert/strict'
import { expect, it, test } from 'vitest'
import { dayAt, within, x } from './scale.ts'

const scale = { start: '2026-07-01', days: 396, width: 792 }

test('scale: a day and its place name each other, and stay inside', () => {
  assert.equal(x(scale, '2026-07-01'), 0)
  assert.equal(x(scale, '2026-07-02'), 2)
  for (const day of ['2026-09-12', '2027-02-28', '2027-06-01']) {
    assert.equal(dayAt(scale, x(scale, day)), day)
  }
  assert.equal(dayAt(scale, -50), '2026-07-01')
  assert.equal(dayAt(scale, 5000), '2027-08-01')
})

it('today lies on the season it belongs to, its first and last day included', () => {
  const scale = { start: '2026-07-01', days: 395, width: 790 }
  expect(within(scale, '2026-07-01')).toBe(true)
  expect(within(scale, '2027-07-31')).toBe(true)
  expect(within(scale, '2026-06-30')).toBe(false)
  expect(within(scale, '2027-08-01')).toBe(false)
})
