import { describe, expect, it } from 'vitest'
import { byWhom, jobBars, type Job } from './jobBars'

const scale = { start: '2026-09-01', days: 50, width: 1000 }
const job = (id: string, startOn: string, finishOn: string, more = {}) =>
  ({ id, startOn, finishOn, label: 'drill', doer: 'Drill', shareDone: 0, ...more }) as Job

describe('jobs along a furrow', () => {
  it('lie from their first day to the end of their last', () => {
    const [bar] = jobBars([job('a', '2026-09-11', '2026-09-12')], scale)
    expect([bar?.left, bar?.width, bar?.done]).toEqual([200, 40, 0])
    expect(bar?.said).toBe('Drill, 11 Sep to 12 Sep')
  })
  it('are full as far as they are done', () => {
    const [half, whole] = jobBars(
      [
        job('a', '2026-09-01', '2026-09-01', { shareDone: 0.5 }),
        job('b', '2026-10-01', '2026-10-01', { shareDone: 1 }),
      ],
      scale,
    )
    expect(half?.done).toBe(10)
    expect(whole?.done).toBe(20)
    expect(whole?.said).toBe('Drill, 1 Oct, done')
  })
  it('are left away where they are not in sight, not where they reach into it', () => {
    const bars = jobBars(
      [
        job('before', '2026-08-01', '2026-08-20'),
        job('into', '2026-08-30', '2026-09-02'),
        job('behind', '2026-10-25', '2026-10-26'),
      ],
      scale,
    )
    expect(bars.map((b) => b.id)).toEqual(['into'])
  })
  it('take a lane below where another’s name stands', () => {
    const bars = jobBars(
      [
        job('b', '2026-09-03', '2026-09-03'),
        job('a', '2026-09-01', '2026-09-02'),
        job('c', '2026-09-05', '2026-09-05'),
      ],
      scale,
    )
    // a ends at 40 and its name at 76: b at 40 has no room, c at 80 has.
    expect(bars.map((b) => [b.id, b.lane])).toEqual([
      ['a', 0],
      ['b', 1],
      ['c', 0],
    ])
  })
  it('have their name before them where it would be cut', () => {
    const bars = jobBars(
      [job('a', '2026-09-01', '2026-09-02'), job('b', '2026-10-18', '2026-10-18')],
      scale,
    )
    // b ends at 960 and its name at 996, one day later it would end at 1016.
    expect(bars.map((b) => b.before)).toEqual([false, false])
    expect(jobBars([job('b', '2026-10-19', '2026-10-19')], scale)[0]?.before).toBe(true)
  })
  it('are said with who does them, once where one says the other', () => {
    expect(byWhom({ label: 'drone', doer: 'Spreader drones' })).toBe('Spreader drones')
    expect(byWhom({ label: 'seed', doer: 'No-till drill' })).toBe('seed, No-till drill')
  })
  it('are wide enough to be seen among a whole season', () => {
    const season = { start: '2026-07-06', days: 392, width: 392 }
    expect(jobBars([job('a', '2026-09-11', '2026-09-11')], season)[0]?.width).toBe(5)
  })
})
