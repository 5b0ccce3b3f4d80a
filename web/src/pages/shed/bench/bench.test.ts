import assert from 'node:assert/strict'
import { test } from 'vitest'
import type { Schemas } from '../../../api/client'
import { rowQuestion } from './rowQuestion.ts'
import { mixName, triesOf } from './tries.ts'

const note = (more: object) =>
  ({
    species: 'rye',
    gear: 'fine',
    setting: 20,
    rateKgPerHa: 60,
    ...more,
  }) as unknown as Schemas['CalibrationView']

test('tries: of this seed, of this gear where one is named, with setting and rate', () => {
  const notes = [
    note({}),
    note({ gear: 'coarse', setting: 30 }),
    note({ species: 'rye+vetch' }),
    note({ setting: undefined }),
    note({ rateKgPerHa: undefined }),
  ]
  assert.deepEqual(
    triesOf(notes, 'rye', '').map((t) => t.setting),
    [20, 30],
  )
  assert.deepEqual(triesOf(notes, 'rye', 'fine'), [{ setting: 20, rateKgPerHa: 60 }])
})

test('mix: called by all its species', () => {
  const known = [{ id: 'rye', name: 'Cereal rye' }]
  assert.equal(mixName('rye+vetch', known), 'Cereal rye + vetch')
})

test('rows: nothing is asked until crop rows, openers and their distance are known', () => {
  const full = { spacing: 0.76, openers: 2.6, apart: 0.19, next: 0, band: undefined }
  for (const missing of ['spacing', 'openers', 'apart'])
    assert.equal(rowQuestion({ ...full, [missing]: undefined }, 10, []), null, missing)
  assert.deepEqual(rowQuestion(full, 10, []), {
    cropSpacingM: 0.76,
    openers: 3,
    openerSpacingM: 0.19,
    nextRowM: 0,
    bandM: undefined,
    areaHa: 10,
    zones: [],
  })
})
