import { describe, expect, it } from 'vitest'
import { between, plus } from '../../words/days'
import { around, inside, levelOf, shifted, ticks, zoomed } from './zoom'

const season = { start: '2026-07-06', days: 392 }
const bounds = { start: '2023-05-01', days: 2000 }
const end = (v: { start: string; days: number }) => plus(v.start, v.days)

describe('a view', () => {
  it('is of years, a season, a month or days by how long it is', () => {
    const of = (days: number) => levelOf({ start: '2026-07-06', days })
    expect([430, 429, 151, 150, 7, 6].map(of)).toEqual([
      'years',
      'season',
      'season',
      'month',
      'month',
      'days',
    ])
  })
  it('lies within its bounds, as long as they are at most', () => {
    expect(inside({ start: '2020-01-01', days: 100 }, bounds)).toEqual({
      start: '2023-05-01',
      days: 100,
    })
    expect(end(inside({ start: '2040-01-01', days: 100 }, bounds))).toBe(end(bounds))
    expect(inside({ start: '2026-07-06', days: 9999 }, bounds)).toEqual(bounds)
    expect(inside({ start: '2026-07-06', days: 0 }, bounds).days).toBe(2)
  })
})

describe('looking closer', () => {
  it('keeps the day under the hand where it is', () => {
    for (const share of [0, 0.25, 0.5, 1]) {
      const day = (v: typeof season) => between(season.start, v.start) + share * v.days
      const closer = zoomed(season, 0.5, share, bounds)
      expect(closer.days).toBe(196)
      expect(Math.abs(day(closer) - day(season))).toBeLessThanOrEqual(0.5)
      expect(day(zoomed(closer, 2, share, bounds))).toBeCloseTo(day(season), 0)
    }
  })
  it('gets on by at least a day, and stops at the least and the most', () => {
    expect(zoomed({ start: '2026-09-12', days: 5 }, 0.99, 0.5, bounds).days).toBe(4)
    expect(zoomed({ start: '2026-09-12', days: 5 }, 1.01, 0.5, bounds).days).toBe(6)
    expect(zoomed({ start: '2026-09-12', days: 3 }, 0.1, 0.5, bounds).days).toBe(2)
    expect(zoomed(season, 99, 0.5, bounds)).toEqual(bounds)
  })
  it('moves along and stops at the ends', () => {
    expect(shifted(season, 30.4, bounds).start).toBe('2026-08-05')
    expect(shifted(season, -9999, bounds).start).toBe(bounds.start)
  })
  it('puts a level about a day', () => {
    expect(around('years', '2026-09-12', season, bounds)).toEqual(bounds)
    expect(around('season', '2026-09-12', season, bounds)).toEqual(season)
    expect(around('month', '2026-09-12', season, bounds)).toEqual({
      start: '2026-08-20',
      days: 46,
    })
    expect(around('days', '2026-09-12', season, bounds)).toEqual({ start: '2026-09-12', days: 3 })
  })
})

describe('what is written along it', () => {
  it('is years, months, Mondays or days', () => {
    expect(ticks(bounds).map((t) => t.name)).toEqual(['2024', '2025', '2026', '2027', '2028'])
    expect(ticks(season)[0]).toEqual({ day: '2026-08-01', name: 'Aug' })
    expect(ticks({ start: '2026-09-10', days: 46 }).map((t) => t.name)).toEqual([
      '14 Sep',
      '21 Sep',
      '28 Sep',
      '5 Oct',
      '12 Oct',
      '19 Oct',
    ])
    expect(ticks({ start: '2026-09-12', days: 21 })).toHaveLength(21)
    expect(ticks({ start: '2026-09-12', days: 3 }).map((t) => t.name)).toEqual([
      'Sat 12 Sep',
      'Sun 13 Sep',
      'Mon 14 Sep',
    ])
  })
})
