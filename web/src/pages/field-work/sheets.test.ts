import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { cautionsOf, daysOf, drivers, wayToGo } from './sheets'

const shift = (day: string, person?: string): Schemas['Shift'] => ({ day, person, hours: 4 })
const job = (more: Partial<Schemas['CabJob']>): Schemas['CabJob'] => ({
  itemId: 'i',
  fieldId: 'f',
  field: 'Heron Low',
  kind: 'seed',
  label: 'drill',
  areaHa: 20,
  leftHa: 20,
  sprays: false,
  alongRows: false,
  shifts: [],
  hazards: '',
  cautions: [],
  ...more,
})
const caution = (text: string) => ({ text, figures: {} })

describe('sheets for the cab', () => {
  it('says days in a row as a span, and others one by one', () => {
    expect(daysOf([])).toBe('')
    expect(daysOf([shift('2026-09-28', 'A'), shift('2026-09-28', 'B')])).toBe('28 Sep')
    expect(daysOf([shift('2026-09-29'), shift('2026-09-30'), shift('2026-10-01')])).toBe(
      '29 Sep to 1 Oct',
    )
    expect(daysOf([shift('2026-09-08'), shift('2026-09-09')])).toBe('8 to 9 Sep')
    expect(daysOf([shift('2026-10-02'), shift('2026-09-29')])).toBe('29 Sep, 2 Oct')
  })
  it('names each driver once, and machines that bring their own', () => {
    expect(drivers([shift('2026-09-28', 'Ana'), shift('2026-09-29', 'Ana')])).toBe('Ana')
    expect(drivers([shift('2026-09-28', 'Ana'), shift('2026-09-29', 'Bo')])).toBe('Ana, Bo')
    expect(drivers([shift('2026-09-28')])).toBe('with its own crew')
  })
  it('tells the direction where rows stand, and asks for it where they are made', () => {
    expect(wayToGo(job({ kind: 'end', alongRows: true, bearingDeg: 13.6 }))).toBe(
      'Direction: 14°, as it was drilled',
    )
    expect(wayToGo(job({ kind: 'end', alongRows: true, bearingDeg: 0 }))).toBe(
      'Direction: 0°, as it was drilled',
    )
    expect(wayToGo(job({ kind: 'plant', alongRows: true }))).toBe('Direction: as it was drilled')
    expect(wayToGo(job({ kind: 'seed' }))).toBe('Direction: now ______°')
    expect(wayToGo(job({ kind: 'seed', bearingDeg: 90 }))).toContain('last time 90°')
    expect(wayToGo(job({ kind: 'end', bearingDeg: 90 }))).toBe('')
    expect(wayToGo(job({ kind: 'harvest', bearingDeg: 90 }))).toBe('')
  })
  it('says a caution once, however many jobs have it', () => {
    const sheet = {
      doerId: 'd',
      doer: 'Drill',
      jobs: [
        job({ cautions: [caution('mind the drum'), caution('label first')] }),
        job({ cautions: [caution('label first')] }),
      ],
    }
    expect(cautionsOf(sheet, (r) => r.text)).toEqual(['Mind the drum', 'Label first'])
  })
})
