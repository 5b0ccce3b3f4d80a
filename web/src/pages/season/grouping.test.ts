import assert from 'node:assert/strict'
import { test } from 'vitest'
import type { Furrow } from '../../api/client.ts'
import { grouped, GROUPINGS } from './grouping.ts'

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
    soil: { rank: 'some', label: 'some soil at risk', loss: 0.3, why: { text: '', figures: {} } },
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
  for (const by of GROUPINGS.map((g) => g.value)) {
    const names = grouped(farm, by).flatMap((r) => (r.furrow ? [r.furrow.name] : []))
    assert.deepEqual([...names].sort(), farm.map((f) => f.name).sort())
  }
  assert.equal(grouped(farm, 'trouble')[1]?.furrow?.name, 'Field 1')
})

test('grouping: by way, ending and odds, with what has none behind the rest', () => {
  const planned = (name: string, method: string, ending: string, met: number) =>
    furrow(name, 'WAIT', undefined, {
      plan: { plan: { method, ending } } as unknown as Furrow['plan'],
      goal: { met, years: 30, label: 'hold soil' } as unknown as Furrow['goal'],
    })
  const fields = [
    furrow('Bare', 'CHOOSE'),
    planned('North', 'drill', 'roll', 29),
    planned('South', 'air', 'graze', 2),
    planned('East', 'drill', 'graze', 30),
  ]
  const called = { method: (key: string) => `by ${key}`, ending: (key: string) => `${key} it` }
  const heads = (by: 'machine' | 'ending' | 'odds') =>
    grouped(fields, by, called).flatMap((r) => (r.group ? [`${r.group}: ${r.ids?.join(' ')}`] : []))
  assert.deepEqual(heads('machine'), [
    'by air: South',
    'by drill: North East',
    'no cover yet: Bare',
  ])
  assert.deepEqual(heads('ending'), [
    'graze it: South East',
    'roll it: North',
    'no cover yet: Bare',
  ])
  assert.deepEqual(heads('odds'), [
    '1 of 10 years: South',
    '10 of 10 years: North East',
    'no cover yet: Bare',
  ])
})

test('grouping: ground that loses most stands first, whatever is due', () => {
  const at = (rank: Furrow['soil']['rank'], loss: number) => ({
    soil: { rank, label: rank, loss, why: { text: '', figures: {} } },
  })
  const rows = grouped(
    [
      furrow('Flat', 'SEED_NOW', '2026-09-14', at('little', 0.1)),
      furrow('Hill', 'WAIT', undefined, at('much', 1.1)),
      furrow('Bank', 'SEED_NOW', '2026-09-10', at('much', 0.6)),
    ],
    'soil',
  )
  assert.deepEqual(
    rows.map((r) => r.group ?? r.furrow?.name),
    ['much', 'Hill', 'Bank', 'little', 'Flat'],
  )
})
