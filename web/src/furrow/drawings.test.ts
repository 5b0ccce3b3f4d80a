import assert from 'node:assert/strict'
import { readFileSync } from 'node:fs'
import { test } from 'vitest'
import { drawing, drawn } from './marks.ts'

/** First cells of a table that ships with the rules. */
function keys(table: string): string[] {
  const text = readFileSync(`../core/src/main/resources/nimblefurrow/core/${table}.csv`, 'utf8')
  return text
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => line.split(',')[0]!)
}

const all = [...keys('seedingmethods'), ...keys('endingmethods')]

test('drawings: every way of seeding and ending has its own', () => {
  assert.ok(all.length > 20)
  for (const key of all) assert.ok(drawn(key), key)
  assert.equal(new Set(all.map(drawing)).size, all.length)
  assert.ok(!drawn('burn'))
})
