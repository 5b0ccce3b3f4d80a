import { describe, expect, it } from 'vitest'
import type { FieldSeason, Furrow } from '../../api/client'
import { changed, isChange, saySum, sumOf, wrongWith, type Change } from './several'

const plan = { method: 'drill', seedOn: '2026-09-24', ending: 'sprayEarly', endOn: '2027-04-25' }
const reason = (text: string) => ({ text, figures: {} })
const field = (planned = true) =>
  ({
    today: '2026-09-12',
    furrow: planned ? { plan: { plan } } : {},
    windows: [
      { method: 'drone', possible: true, opens: { day: '2026-08-25', reason: reason('leaves') } },
      { method: 'broadcast', possible: true, opens: { day: '2026-09-20', reason: reason('cut') } },
      {
        method: 'frost',
        possible: false,
        opens: { day: '2027-02-01', reason: reason('no frost') },
      },
    ],
    endings: [
      { way: 'rollPlant', fit: 'FITS', from: '2027-05-24', reasons: [] },
      { way: 'winter', fit: 'FITS', from: '2026-09-01', reasons: [] },
      { way: 'mow', fit: 'DOES_NOT', from: '2027-05-01', reasons: [reason('too little')] },
    ],
  }) as unknown as FieldSeason
const none: Change = { purpose: '', method: '', ending: '', seedDays: 0, endDays: 0 }
const after = (change: Partial<Change>) => {
  const tried = changed(field(), { ...none, ...change })
  return 'plan' in tried ? tried.plan : tried.why?.text
}

describe('several fields changed at once', () => {
  it('another way is seeded on the first day it can be, from today on', () => {
    expect(after({ method: 'broadcast' })).toMatchObject({ seedOn: '2026-09-20' })
    expect(after({ method: 'drone' })).toMatchObject({ method: 'drone', seedOn: '2026-09-12' })
    expect(after({ method: 'frost' })).toBe('no frost')
    expect(after({ method: 'slurry' })).toBeUndefined()
  })
  it('another reason stands in place of all it was for, and moves nothing', () => {
    expect(after({ purpose: 'makeNitrogen' })).toEqual({ ...plan, purposes: ['makeNitrogen'] })
    expect(isChange({ ...none, purpose: 'makeNitrogen' })).toBe(true)
  })
  it('another ending has its own day, unless that is before seeding', () => {
    expect(after({ ending: 'rollPlant' })).toMatchObject({ endOn: '2027-05-24' })
    expect(after({ ending: 'winter' })).toMatchObject({ ending: 'winter', endOn: '2027-04-25' })
    expect(after({ ending: 'mow' })).toBe('too little')
  })
  it('days are earlier or later, beside all else', () => {
    expect(after({ seedDays: -3, endDays: 7 })).toEqual({
      ...plan,
      seedOn: '2026-09-21',
      endOn: '2027-05-02',
    })
    expect(after({ method: 'broadcast', seedDays: 2 })).toMatchObject({ seedOn: '2026-09-22' })
  })
  it('is nothing on a field without a plan, and no change says so', () => {
    expect(changed(field(false), { ...none, seedDays: 1 })).toEqual({ why: null })
    expect(isChange(none)).toBe(false)
    expect(isChange({ ...none, endDays: -1 })).toBe(true)
  })
})

it('days are whole and of this season, and an emptied field is no days', () => {
  const wrong = (days: unknown) => wrongWith({ ...none, seedDays: days as number })
  expect([90, -90, 0, ''].map(wrong)).toEqual(['', '', '', ''])
  for (const days of [91, -91, 1.5, 1e9, NaN]) expect(wrong(days)).toContain('at most 90')
  expect(wrongWith({ ...none, endDays: 91 })).not.toBe('')
  expect(after({ seedDays: '' as unknown as number, endDays: 1 })).toMatchObject({
    seedOn: '2026-09-24',
    endOn: '2027-04-26',
  })
})

describe('what it comes to', () => {
  const furrow = (met: number | null, warnings = 0) =>
    ({
      goal: met === null ? undefined : { met, years: 30 },
      warnings: Array(warnings).fill(reason('w')),
    }) as unknown as Furrow
  it('counts years and fields', () => {
    const sum = sumOf([
      { was: furrow(10), now: furrow(14) },
      { was: furrow(10, 1), now: furrow(9, 2) },
      { was: furrow(5, 1), now: furrow(5, 1) },
      { was: furrow(null), now: furrow(3) },
    ])
    expect(sum).toEqual({ better: 1, worse: 1, wasMet: 25, met: 28, years: 90, warned: 1 })
    expect(saySum(sum)).toBe('goals met 25 → 28 of 90 years · 1 better · 1 worse · 1 warned')
    expect(saySum(sumOf([]))).toBe('')
  })
})
