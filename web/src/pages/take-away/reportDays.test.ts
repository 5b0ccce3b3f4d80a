import { describe, expect, it } from 'vitest'
import { yearBefore } from './reportDays'

describe('the days of a report', () => {
  it('reach a year back', () => {
    expect(yearBefore('2026-09-12')).toBe('2025-09-12')
    expect(yearBefore('2000-01-01')).toBe('1999-01-01')
  })

  it('know that most years have no 29 February', () => {
    expect(yearBefore('2028-02-29')).toBe('2027-02-28')
  })
})
