import { describe, expect, it } from 'vitest'
import { placeOf, rangeOf, spanOf, type DayBar } from './dayBars'

const bar = (from: string, to: string, best?: string): DayBar => ({
  key: from,
  label: '',
  kind: 'drill',
  tone: 'good',
  from,
  to,
  best,
})

describe('bars of days', () => {
  it('are drawn on whole months round all that is to be seen', () => {
    const bars = [bar('2026-09-10', '2026-10-20'), bar('2026-08-03', '2026-09-01')]
    expect(rangeOf(bars)).toEqual({ start: '2026-08-01', days: 92 })
    expect(rangeOf(bars, ['2026-07-31'])).toEqual({ start: '2026-07-01', days: 123 })
    expect(rangeOf([], ['2026-12-31'])).toEqual({ start: '2026-12-01', days: 31 })
    expect(rangeOf([])).toBeNull()
  })

  it('begin with the morning of their first day and end with the evening of their last', () => {
    const range = { start: '2026-09-01', days: 50 }
    expect(placeOf('2026-09-01', range)).toBe(0)
    expect(placeOf('2026-09-26', range)).toBe(50)
    expect(placeOf('2026-08-01', range)).toBe(0)
    expect(placeOf('2027-08-01', range)).toBe(100)
    expect(spanOf(bar('2026-09-11', '2026-09-20'), range)).toEqual({
      left: 20,
      width: 20,
      best: 20,
    })
  })

  it('say how far they are at their best', () => {
    const range = { start: '2026-09-01', days: 50 }
    expect(spanOf(bar('2026-09-11', '2026-09-20', '2026-09-15'), range).best).toBe(10)
    expect(spanOf(bar('2026-09-11', '2026-09-20', '2026-09-20'), range).best).toBe(20)
    expect(spanOf(bar('2026-09-11', '2026-09-20', '2026-09-05'), range).best).toBe(0)
  })

  it('of one day are a day wide', () => {
    const range = { start: '2026-09-01', days: 50 }
    expect(spanOf(bar('2026-09-11', '2026-09-11'), range).width).toBe(2)
  })
})
