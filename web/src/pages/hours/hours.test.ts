import assert from 'node:assert/strict'
import { test } from 'vitest'
import { bestRun, byDay, clock, mostly, older, type HourView } from './hours.ts'

/** A day from six o'clock: g is go, m is marginal, anything else stands for a limit. */
function day(from: number, verdicts: string) {
  const hours = [...verdicts].map((v, i) => ({
    time: `2027-05-22T${String(from + i).padStart(2, '0')}:00`,
    rolling:
      v === 'g' ? { verdict: 'go' } : { verdict: v === 'm' ? 'marginal' : 'no', limit: 'dew ' + v },
  }))
  return byDay(hours as unknown as HourView[])[0]!.hours
}
const always = () => true

test('clock: twelve-hour days begin and turn at twelve', () => {
  assert.equal(clock(0, 'us'), '12 am')
  assert.equal(clock(11, 'us'), '11 am')
  assert.equal(clock(12, 'us'), '12 pm')
  assert.equal(clock(23, 'us'), '11 pm')
  assert.equal(clock(6, 'metric'), '06:00')
})

test('days: hours keep their place in the whole table', () => {
  const hours = ['2027-05-22T23:00', '2027-05-23T00:00'].map((time) => ({ time }))
  assert.deepEqual(
    byDay(hours as HourView[]).map((d) => [d.day, d.hours.map((h) => h.index)]),
    [
      ['2027-05-22', [0]],
      ['2027-05-23', [1]],
    ],
  )
})

test('best: the longest run of clear hours, the first of several', () => {
  assert.deepEqual(bestRun(day(6, 'ggxgggmgg'), 'rolling', always), { from: 9, until: 12 })
  assert.deepEqual(bestRun(day(6, 'ggxgg'), 'rolling', always), { from: 6, until: 8 })
  assert.deepEqual(bestRun(day(20, 'gggg'), 'rolling', always), { from: 20, until: 0 })
  assert.equal(bestRun(day(6, 'mmx'), 'rolling', always), null)
})

test('best: hours in which nobody is out do not count', () => {
  const out = (hour: number) => hour >= 8 && hour < 10
  assert.deepEqual(bestRun(day(6, 'gggggg'), 'rolling', out), { from: 8, until: 10 })
})

test('mostly: what stands against it most often while people are out', () => {
  assert.equal(mostly(day(6, 'xyyg'), 'rolling', always), 'dew y')
  assert.equal(
    mostly(day(6, 'xyyg'), 'rolling', (h) => h === 6),
    'dew x',
  )
  assert.equal(mostly(day(6, 'ggg'), 'rolling', always), undefined)
})

test('older: hours that were kept of another day begin before those of now', () => {
  const from = (time?: string) =>
    ({ hours: time ? [{ time }] : [] }) as unknown as Parameters<typeof older>[1]
  assert.equal(older(from('2027-05-21T00:00'), from('2027-05-22T00:00')), true)
  assert.equal(older(from('2027-05-22T00:00'), from('2027-05-22T00:00')), false)
  assert.equal(older(from('2027-05-23T00:00'), from('2027-05-22T00:00')), false)
  assert.equal(older(undefined, from('2027-05-22T00:00')), false)
  assert.equal(older(from(), from('2027-05-22T00:00')), false)
})
