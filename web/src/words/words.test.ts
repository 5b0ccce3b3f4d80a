import assert from 'node:assert/strict'
import { test } from 'vitest'
import { between, months, plus, sayFullDay } from './days.ts'
import { sayReason } from './reasons.ts'
import { say, shown, toSi, type Unit } from './units.ts'

test('units: known conversions', () => {
  assert.equal(say(1, 'HA', 'us', 3), '2.471 ac')
  assert.equal(say(8, 'MG_PER_HA', 'us'), '7,140 lb/ac')
  assert.equal(say(-2.2, 'CELSIUS', 'us'), '28 °F')
  assert.equal(say(1, 'DAYS', 'us'), '1 day')
  assert.equal(say(100, 'USD_PER_HA', 'us'), '$40/ac')
  assert.equal(say(0.305, 'SHARE', 'metric'), '31 %')
})

test('units: every unit comes back from both systems', () => {
  const units: Unit[] = [
    'MG_PER_HA',
    'KG_PER_HA',
    'HA',
    'MM',
    'CM',
    'CELSIUS',
    'DEGREE_DAYS',
    'PER_M2',
  ]
  for (const unit of units) {
    for (const system of ['us', 'metric'] as const) {
      assert.ok(Math.abs(toSi(shown(37.25, unit, system), unit, system) - 37.25) < 1e-9, unit)
    }
  }
})

test('days: counted over leap days and years', () => {
  assert.equal(between('2027-12-31', '2028-03-01'), 61)
  assert.equal(plus('2026-12-31', 1), '2027-01-01')
  assert.equal(sayFullDay('2026-09-12'), 'Sat 12 Sep 2026')
  assert.deepEqual(
    months('2026-11-02', '2027-02-01').map((m) => m.name),
    ['Dec', 'Jan', 'Feb'],
  )
})

test('reasons: figures are said in the reader’s units, unknown names stay', () => {
  const reason = {
    text: 'closes {day}: {heat} left, {who} needs more {what}',
    figures: {
      day: { day: '2026-10-06' },
      heat: { value: 100, unit: 'DEGREE_DAYS' as const },
      who: { words: 'Hairy vetch' },
    },
  }
  assert.equal(
    sayReason(reason, 'us'),
    'closes 6 Oct: 180 °F·days left, Hairy vetch needs more {what}',
  )
})
