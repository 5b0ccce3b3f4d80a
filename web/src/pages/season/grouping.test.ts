import assert from 'node:assert/strict'
import { test } from 'vitest'
import type { Furrow } from '../../api/client.ts'
import { grouped } from './grouping.ts'

function furrow(
  name: string,
  kind: Furrow['next']['kind'],
  due?: string,
  more: Partial<Furrow> = {},
): Furrow {
  return {
    fieldId: name,
    pieceId: name,
    name,
    areaHa: 10,
    organic: false,
    crop: 'corn',
    nextCrop: 'soybeans',
    nextPlantOn: '2027-05-14',
    coverWords: '',
    deeds: [],
    next: { kind, label: kind.toLowerCase(), due, reason: { text: '', figures: {} } },
    warnings: [],
    ...more,
  }
}

const farm = [
  furrow('Field 10', 'WAIT', '2027-05-01'),
  furrow('Field 9', 'SEED_NOW', '2026-09-20'),
  furrow('Field 2', 'SEED_NOW', '2026-09-14'),
  furrow('Field 1', 'MISSED', '2026-09-10', { warnings: [{ text: 'late', figures: {} }] }),
]

test('grouping: the most pressing group first, within it the soonest due', () => {
  const rows = grouped(farm, 'next')
  assert.deepEqual(
    rows.map((r) => r.group ?? r.furrow?.name),
    ['missed', 'Field 1', 'seed_now', 'Field 2', 'Field 9', 'wait', 'Field 10'],
  )
  assert.equal(rows[2]?.count, 2)
  assert.equal(rows[2]?.areaHa, 20)
})

test('grouping: by name there are no heads and numbers are in order', () => {
  const rows = grouped(farm, 'name')
  assert.deepEqual(
    rows.map((r) => r.furrow?.name),
    ['Field 1', 'Field 2', 'Field 9', 'Field 10'],
  )
})

test('grouping: trouble first, and every furrow stands exactly once', () => {
  for (const by of ['next', 'crop', 'reason', 'trouble', 'name'] as const) {
    const names = grouped(farm, by).flatMap((r) => (r.furrow ? [r.furrow.name] : []))
    assert.deepEqual([...names].sort(), farm.map((f) => f.name).sort())
  }
  assert.equal(grouped(farm, 'trouble')[1]?.furrow?.name, 'Field 1')
})
