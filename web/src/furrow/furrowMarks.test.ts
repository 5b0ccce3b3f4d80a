import assert from 'node:assert/strict'
import { test } from 'vitest'
import type { Furrow } from '../api/client'
import { harvested, marksOf } from './furrowMarks.ts'

const plan = { method: 'drill', ending: 'rollPlant', seedOn: '2026-09-20', endOn: '2027-05-20' }
function furrow(more: object = {}): Furrow {
  return {
    nextCrop: 'soybean',
    nextPlantOn: '2027-05-21',
    plan: { plan },
    deeds: [],
    ...more,
  } as unknown as Furrow
}
const never = () => false
const ids = (f: Furrow) => marksOf(f, true, never).map((m) => m.id)
const of = (f: Furrow, id: string, ofItself = never) =>
  marksOf(f, true, ofItself).find((m) => m.id === id)

test('marks: without a plan only the next crop stands', () => {
  assert.deepEqual(ids(furrow({ plan: undefined })), ['plant'])
})

test('marks: a plan is moved by its two ends, the next crop is not', () => {
  const marks = marksOf(furrow(), true, never)
  assert.deepEqual(
    marks.map((m) => [m.id, m.day, m.kind, m.movable]),
    [
      ['plant', '2027-05-21', 'plant', false],
      ['seed', '2026-09-20', 'drill', true],
      ['end', '2027-05-20', 'rollPlant', true],
    ],
  )
  assert.ok(marksOf(furrow(), false, never).every((m) => !m.movable))
})

test('marks: what is logged stands on its own day and is not moved', () => {
  const seed = of(furrow({ seededOn: '2026-09-24' }), 'seed')!
  assert.deepEqual([seed.day, seed.done, seed.movable], ['2026-09-24', true, false])
  const end = of(furrow({ seededOn: '2026-09-24', endedOn: '2027-05-18' }), 'end')!
  assert.deepEqual([end.day, end.done, end.movable], ['2027-05-18', true, false])
})

test('marks: what was never seeded has nothing to end', () => {
  const late = [{ deed: 'seeded', state: 'TOO_LATE', day: '2026-09-20' }]
  assert.deepEqual(ids(furrow({ deeds: late })), ['plant', 'seed'])
  const both = [...late, { deed: 'ended', state: 'TOO_LATE', day: '2027-05-20' }]
  assert.deepEqual(ids(furrow({ deeds: both })), ['plant', 'seed', 'end'])
})

test('marks: a day that passed without a word is likely or open; winter is not asked about', () => {
  const deeds = (state: string) => [
    { deed: 'seeded', state, day: '2026-09-20' },
    { deed: 'ended', state, day: '2027-05-20' },
  ]
  assert.equal(of(furrow({ deeds: deeds('LIKELY') }), 'seed')!.unsaid, 'likely')
  assert.equal(of(furrow({ deeds: deeds('OVERDUE') }), 'seed')!.unsaid, 'open')
  assert.equal(of(furrow({ deeds: deeds('LOGGED') }), 'seed')!.unsaid, undefined)
  const late = furrow({ deeds: deeds('OVERDUE') })
  assert.equal(of(late, 'end')!.unsaid, 'open')
  assert.equal(of(late, 'end', () => true)!.unsaid, undefined)
})

test('harvest: shown where it is over, for sure or likely', () => {
  const on = (state: string) => furrow({ deeds: [{ deed: 'harvested', state, day: '2026-10-02' }] })
  assert.equal(harvested(on('LOGGED'))?.day, '2026-10-02')
  assert.equal(harvested(on('LIKELY'))?.day, '2026-10-02')
  assert.equal(harvested(on('OVERDUE')), undefined)
  assert.equal(harvested(furrow()), undefined)
})
