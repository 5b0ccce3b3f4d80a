import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { rooms } from './chainRows'

type LinkView = Schemas['LinkView']
const crop = (id: string, season: number, from: string, until: string) =>
  ({ id, kind: 'crop', season, from, until, nextSeason: season }) as LinkView
const cover = (id: string, season: number, from: string, until: string, nextSeason = season) =>
  ({ id, planId: id, kind: 'cover', season, from, until, nextSeason }) as LinkView

describe('room for a cover in a chain', () => {
  const wheat = crop('wheat', 2026, '2026-04-01', '2026-07-12')

  it('is behind a cover where the next one comes late', () => {
    const oats = cover('oats', 2026, '2026-07-20', '2026-09-10')
    const rye = cover('rye', 2026, '2026-10-10', '2027-05-20')
    expect(rooms([wheat, oats, rye], 21)).toEqual([
      { after: 'oats', days: 30, season: 2026, link: 'new-oats' },
    ])
    expect(rooms([wheat, oats, rye], 30)).toHaveLength(1)
    expect(rooms([wheat, oats, rye], 31)).toEqual([])
  })

  it('is before the first cover of a season', () => {
    const rye = cover('rye', 2026, '2026-10-10', '2027-05-20')
    expect(rooms([wheat, rye], 21)).toEqual([
      { after: 'wheat', days: 90, season: 2026, link: 'new-first' },
    ])
  })

  it('is of the next season behind a cover that ends in it', () => {
    const rye = cover('rye', 2026, '2026-10-10', '2027-06-20', 2027)
    const later = cover('later', 2027, '2027-08-20', '2028-05-01')
    expect(rooms([rye, later], 21)[0]).toEqual({
      after: 'rye',
      days: 61,
      season: 2027,
      link: 'new-first',
    })
    const corn = crop('corn', 2028, '2028-05-04', '2028-10-01')
    expect(rooms([rye, corn], 21)[0]?.link).toBe('new')
  })

  it('is between two crops where nothing is planned', () => {
    const corn = crop('corn', 2027, '2027-05-04', '2027-10-01')
    expect(rooms([wheat, corn], 21)).toEqual([{ after: 'wheat', days: 296, season: 2026 }])
  })
})
