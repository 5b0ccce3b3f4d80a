import assert from 'node:assert/strict'
import { test } from 'vitest'
import { bothValues } from './bothValues.ts'

test('both values: what differs, in the reader’s units', () => {
  const yours = { version: 1, name: 'Drill', widthM: 9.144, hired: true }
  const theirs = { version: 2, name: 'Drill', widthM: 12.192, hired: false }
  assert.deepEqual(bothValues(yours, theirs, 'us'), [
    'width: yours 30 ft, theirs 40 ft',
    'hired: yours yes, theirs no',
  ])
  assert.deepEqual(bothValues(yours, theirs, 'metric')[0], 'width: yours 9.1 m, theirs 12.2 m')
})

test('both values: a plan among others that were sent', () => {
  const plan = (day: string, rate: number) => ({
    piece: 'a',
    version: 3,
    plan: { seedOn: day, components: [{ species: 'oats', rateKgPerHa: rate }] },
  })
  const sent = { plans: [plan('2026-09-20', 60)], label: 'x' }
  assert.deepEqual(bothValues(sent, plan('2026-09-25', 70), 'us'), [
    'seed on: yours 20 Sep, theirs 25 Sep',
    'components differ',
  ])
})

test('both values: nothing to say of what has no counterpart, and no flood', () => {
  assert.deepEqual(bothValues({ a: 1 }, 'no plan', 'us'), [])
  assert.deepEqual(bothValues(undefined, { a: 1 }, 'us'), [])
  const many = (n: number) => Object.fromEntries([...'abcdefg'].map((k) => [k, n]))
  assert.equal(bothValues(many(1), many(2), 'us').at(-1), '3 more')
})
