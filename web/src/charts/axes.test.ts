import assert from 'node:assert/strict'
import { test } from 'vitest'
import { area, line, steps } from './axes.ts'

test('axes: steps are round, start at zero and reach past the largest value', () => {
  assert.deepEqual(steps(8), [0, 2, 4, 6, 8])
  assert.deepEqual(steps(7137), [0, 2000, 4000, 6000, 8000])
  assert.deepEqual(steps(0), [0, 1])
  for (const most of [0.03, 0.9, 1, 4.4, 12, 99, 101, 5300]) {
    const all = steps(most)
    assert.ok(all.at(-1)! >= most * 0.999 && all.length <= 6, `${most}: ${all.join()}`)
  }
})

test('axes: a missing value lifts the pen, an area closes', () => {
  assert.equal(line([[0, 1], null, [2, 3], [4, 5]]), 'M0.0,1.0M2.0,3.0L4.0,5.0')
  assert.equal(
    area(
      [
        [0, 1],
        [2, 1],
      ],
      [
        [0, 3],
        [2, 3],
      ],
    ),
    'M0.0,1.0L2.0,1.0L2.0,3.0L0.0,3.0Z',
  )
  assert.equal(area([[0, 1]], [[0, 2]]), '')
})
