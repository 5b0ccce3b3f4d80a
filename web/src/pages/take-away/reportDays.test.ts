import { describe, expect, it } from 'vitest'
import { daysOf, yearBefore } from './reportDays'

describe('the days of a report', () => {
  it('reach a year back', () => {
    expect(yearBefore('2026-09-12')).toBe('2025-09-12')
    expect(yearBefore('2000-01-01')).toBe('1999-01-01')
  })

  it('look ahead for the crew and back for all others', () => {
    expect(daysOf('crew', '2026-09-12')).toEqual(['2026-09-12', '2026-09-25'])
    expect(daysOf('record', '2026-09-12')).toEqual(['2025-09-12', '2026-09-12'])
  })

  it('know that most years have no 29 February', () => {
    expect(yearBefore('2028-02-29')).toBe('2027-02-28')
  })
})
