import assert from 'node:assert/strict'
import { test } from 'vitest'
import { daysOf, peopleOf, slipped, type Item } from './days.ts'

const TODAY = '2026-09-20'
const seg = (day: string, hours: number, person?: string) => ({ day, hours, person })
const item = (id: string, doer: string, segments: object[], more: object = {}): Item =>
  ({ id, doer, segments, shareDone: 0, finishOn: TODAY, ...more }) as unknown as Item
const flat = (items: Item[], by: 'machine' | 'person', within?: number) =>
  daysOf(items, by, TODAY, 0.05, within).map((d) => [
    d.day,
    ...d.lanes.map(([name, rows]) => `${name}: ${rows.map((r) => `${r.item.id} ${r.hours}`)}`),
  ])

test('days: by machine, stints of one job on a day are one row with all its people', () => {
  const drill = item('a', 'Drill', [seg('2026-09-21', 3, 'Ann'), seg('2026-09-21', 2, 'Bo')])
  assert.deepEqual(flat([drill], 'machine'), [['2026-09-21', 'Drill: a 5']])
  assert.equal(daysOf([drill], 'machine', TODAY, 0.05)[0]!.lanes[0]![1][0]!.who, 'Ann, Bo')
})

test('days: by person each has a lane; a hired machine brings its own crew', () => {
  const drill = item('a', 'Drill', [seg('2026-09-21', 3, 'Bo'), seg('2026-09-21', 2, 'Ann')])
  const hired = item('b', 'Aircraft', [seg('2026-09-20', 1)])
  assert.deepEqual(flat([drill, hired], 'person'), [
    ['2026-09-20', 'with its own crew: b 1'],
    ['2026-09-21', 'Ann: a 2', 'Bo: a 3'],
  ])
})

test('days: what is over, too short or too far off is not shown', () => {
  const drill = item('a', 'Drill', [
    seg('2026-09-19', 8),
    seg('2026-09-20', 0.04),
    seg('2026-09-21', 0.05),
    seg('2026-10-03', 4),
    seg('2026-10-04', 5),
  ])
  assert.deepEqual(flat([drill], 'machine', 14), [
    ['2026-09-21', 'Drill: a 0.05'],
    ['2026-10-03', 'Drill: a 4'],
  ])
  assert.equal(flat([drill], 'machine').length, 3)
})

test('slipped: not done and its last day over', () => {
  const late = item('a', 'Drill', [], { finishOn: '2026-09-19' })
  const done = item('b', 'Drill', [], { finishOn: '2026-09-19', shareDone: 1 })
  assert.deepEqual(
    slipped([late, done, item('c', 'Drill', [])], TODAY).map((i) => i.id),
    ['a'],
  )
})

test('people: each once, by name', () => {
  const drill = item('a', 'Drill', [
    seg('d', 1, 'Bo'),
    seg('d', 1, 'Ann'),
    seg('d', 1),
    seg('e', 1, 'Bo'),
  ])
  assert.deepEqual(peopleOf([drill]), ['Ann', 'Bo'])
})
