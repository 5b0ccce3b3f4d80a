import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import {
  endBars,
  LANE,
  lanesTall,
  laneTops,
  oddsCurve,
  oddsInSight,
  placed,
  ridge,
  seedBars,
  stageInSight,
} from './lanes'

const edge = (day: string) => ({ day, reason: { text: '', parts: {} } })
const way = (method: string, opens: string, best: string, closes: string, possible = true) =>
  ({
    method,
    methodLabel: method,
    possible,
    opens: edge(opens),
    bestUntil: edge(best),
    closes: edge(closes),
    cautions: [],
  }) as unknown as Schemas['WindowView']
const scale = { start: '2026-09-01', days: 100, width: 1000 }

describe('ways of seeding', () => {
  const windows = [
    way('aircraft', '2026-08-20', '2026-09-05', '2026-09-10'),
    way('drill', '2026-09-20', '2026-10-10', '2026-10-30'),
    way('drone', '2026-08-25', '2026-09-20', '2026-09-25'),
    way('frost', '2027-02-10', '2027-03-01', '2027-03-20', false),
  ]
  it('begin with the chosen one, even when it is over, and leave out what is over or cannot be', () => {
    expect(seedBars(windows, 'aircraft', '2026-09-12').map((b) => b.key)).toEqual([
      'aircraft',
      'drone',
      'drill',
    ])
    expect(seedBars(windows, 'drill', '2026-09-12').map((b) => [b.key, b.chosen])).toEqual([
      ['drill', true],
      ['drone', false],
    ])
    expect(seedBars(windows, 'aircraft', '2026-09-12')[0]?.over).toBe(true)
  })
  it('lie from their first day to the end of their last', () => {
    const [drill] = seedBars(windows, 'drill', '2026-09-12')
    expect(placed(drill!, scale)).toEqual({ left: 190, best: 400, right: 600 })
    expect(placed(drill!, { ...scale, start: '2026-11-01' })).toBeUndefined()
    expect(placed(drill!, { ...scale, start: '2026-10-01' })).toEqual({
      left: 0,
      best: 100,
      right: 300,
    })
  })
})

describe('ways of ending', () => {
  const end = (key: string, fit: string, coverMgPerHa: number) =>
    ({
      way: key,
      label: key,
      fit,
      from: '2027-05-01',
      to: '2027-05-10',
      coverMgPerHa,
    }) as unknown as Schemas['EndingView']
  it('leave out what does not fit unless it is chosen, as thick as the cover', () => {
    const all = [end('roll', 'FITS', 8), end('mow', 'WITH_CARE', 4), end('till', 'DOES_NOT', 2)]
    expect(endBars(all, undefined).map((b) => [b.key, b.thick])).toEqual([
      ['roll', 1],
      ['mow', 0.5],
    ])
    expect(endBars(all, 'till').map((b) => [b.key, b.over])).toEqual([
      ['till', true],
      ['roll', false],
      ['mow', false],
    ])
  })
})

describe('curves', () => {
  const stage = { name: 'boot', early: '2026-09-11', middle: '2026-09-21', late: '2026-10-11' }
  it('a stage is as tall as the share of years that reach it, from early to late', () => {
    const whole = ridge({ ...stage, years: 10, yearsReached: 10 }, scale, 20, 16)
    expect(whole.startsWith('M100.0,20C150.0,20 150.0,4.0 200.0,4.0')).toBe(true)
    expect(whole.endsWith('400.0,20Z')).toBe(true)
    expect(ridge({ ...stage, years: 10, yearsReached: 5 }, scale, 20, 16)).toContain('200.0,12.0')
    expect(ridge({ name: 'boot', years: 10, yearsReached: 0 }, scale, 20, 16)).toBe('')
    expect(
      ridge({ ...stage, years: 1, yearsReached: 1 }, { ...scale, start: '2027-03-01' }, 20, 16),
    ).toBe('')
  })
  it('are in sight or not', () => {
    const seen = { ...stage, years: 10, yearsReached: 10 }
    expect(stageInSight(seen, scale)).toBe(true)
    expect(stageInSight(seen, { ...scale, start: '2026-10-12' })).toBe(false)
    expect(stageInSight({ ...seen, middle: undefined }, scale)).toBe(false)
    const days = [{ day: '2026-09-11' }, { day: '2026-09-21' }]
    expect(oddsInSight(days, scale)).toBe(true)
    expect(oddsInSight(days, { ...scale, start: '2026-09-21' })).toBe(false)
    expect(oddsInSight(days, { ...scale, start: '2026-06-01', days: 102 })).toBe(false)
    expect(oddsInSight([], scale)).toBe(false)
  })
  it('odds go up with the years, and need two days', () => {
    const points = [
      { day: '2026-09-11', met: 0 },
      { day: '2026-09-21', met: 15 },
    ]
    expect(oddsCurve(points, 30, scale, 40, 30)).toEqual({
      line: 'M100.0,40.0L200.0,25.0',
      area: 'M100.0,40L100.0,40.0L200.0,25.0L200.0,40Z',
    })
    expect(oddsCurve(points.slice(0, 1), 30, scale, 40, 30)).toBeUndefined()
  })
})

describe('lanes', () => {
  const bar = {} as never
  it('stand under each other with a gap, and take no room where there is nothing', () => {
    expect(laneTops({ seeds: [], ends: [], stages: [] }, true, false)).toEqual({
      seed: 0,
      odds: 0,
      stages: 0,
      end: 0,
      bottom: 0,
    })
    const at = laneTops({ seeds: [bar, bar], ends: [bar], stages: [1] }, true, true)
    expect(at.odds).toBe(2 * LANE.named + LANE.gap)
    expect(at.stages).toBe(at.odds + LANE.odds + LANE.gap)
    expect(at.end).toBe(at.stages + LANE.stages + LANE.gap)
    expect(at.bottom).toBe(at.end + LANE.named)
    expect(lanesTall({ seeds: [bar, bar], ends: [bar], stages: [] }, false, false)).toBe(
      2 * LANE.small + LANE.gap + LANE.small,
    )
  })
})
