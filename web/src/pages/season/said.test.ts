import assert from 'node:assert/strict'
import { expect, it, test } from 'vitest'
import type { Furrow } from '../../api/client'
import { headline, matches, otherSeason } from './said.ts'

const furrow = (kind: string, more: object = {}) =>
  ({
    name: 'Creek Bottom',
    crop: 'corn',
    nextCrop: 'soybean',
    coverWords: 'cereal rye 60 lb/ac',
    goal: { label: 'hold soil' },
    next: { kind, label: 'seed now' },
    ...more,
  }) as unknown as Furrow

test('headline: what closes is open too; one field is one field', () => {
  assert.equal(headline([furrow('SEED_NOW')]), '1 field open to seed')
  assert.equal(
    headline([furrow('SEED_NOW'), furrow('CLOSING'), furrow('END_NOW'), furrow('MISSED')]),
    '2 fields open to seed, 1 closes this week, 1 to end now, 1 too late as planned',
  )
  assert.equal(
    headline([furrow('CLOSING'), furrow('CLOSING')]),
    '2 fields open to seed, 2 close this week',
  )
  assert.equal(headline([furrow('WAIT')]), 'Nothing is due today')
})

test('filter: by name, crops, cover, reason and next step, however it is written', () => {
  const f = furrow('SEED_NOW')
  for (const words of ['creek', ' CORN ', 'soy', 'rye', 'hold', 'seed now', '', null])
    assert.ok(matches(f, words), String(words))
  assert.ok(!matches(f, 'vetch'))
  assert.ok(matches(furrow('WAIT', { goal: undefined }), 'creek'))
})

it('another season says which it is, this one says what is due', () => {
  expect(otherSeason(2025, 2026)).toBe('Season 2025–26, as it was')
  expect(otherSeason(2027, 2026)).toBe('Season 2027–28, as planned')
  expect(otherSeason(2026, 2026)).toBe('')
})
