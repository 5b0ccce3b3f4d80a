import assert from 'node:assert/strict'
import { test } from 'vitest'
import { KINDS, kindsOf, MEASURED, titleOf } from './logKinds.ts'

test('log: plants, height, mass and stages are seen of a cover only', () => {
  const bare = kindsOf(false).map((k) => k.value)
  assert.deepEqual(
    KINDS.map((k) => k.value).filter((k) => !bare.includes(k)),
    ['plants', 'height', 'cover', 'stage'],
  )
  assert.equal(kindsOf(true).length, KINDS.length)
})

test('log: what is measured has a unit and a title', () => {
  for (const kind of Object.keys(MEASURED)) assert.ok(KINDS.some((k) => k.value === kind))
  assert.equal(titleOf('plants'), 'plants counted')
})
