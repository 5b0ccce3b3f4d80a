import { describe, expect, it } from 'vitest'
import type { Item } from './days'
import { workBounds, workLanes } from './workLanes'

/** Ten px a day. */
const scale = { start: '2026-09-10', days: 60, width: 600 }
const item = (id: string, doer: string, days: string[], more: object = {}): Item =>
  ({
    id,
    doer,
    fieldId: `field-${id}`,
    field: 'Ridge',
    label: 'drill',
    shareDone: 0,
    segments: days.map((day) => ({ day, hours: 4, person: 'Ann' })),
    ...more,
  }) as unknown as Item

const byField = (i: Item) => i.field

describe('work along its days', () => {
  it('days in a row are one stint, a day between parts them', () => {
    const [lane] = workLanes(
      [item('a', 'Drill', ['2026-09-12', '2026-09-11', '2026-09-14'])],
      'machine',
      scale,
      byField,
    )
    expect(lane!.stints.map((s) => [s.left, s.width, s.said])).toEqual([
      [10, 20, 'Ridge: drill, 11 Sep to 12 Sep'],
      [40, 10, 'Ridge: drill, 14 Sep'],
    ])
  })

  it('one lies under another where its name would lie on it, and beside it where it would not', () => {
    const two = (second: string) =>
      workLanes(
        [item('a', 'Drill', ['2026-09-11']), item('b', 'Drill', [second])],
        'machine',
        scale,
        byField,
      )[0]!
    expect(two('2026-09-12').rows).toBe(2)
    // “Ridge” takes 37 px behind the 11th's ten, and 6 px stand behind it: five days behind it there is room.
    expect(two('2026-09-16').rows).toBe(2)
    expect(two('2026-09-17').rows).toBe(1)
  })

  it('a name stands in its days where it has room, else behind them, and says the hours where asked', () => {
    const days = ['2026-09-11', '2026-09-12', '2026-09-13', '2026-09-14']
    const at = (count: number) => {
      const of = [item('a', 'Drill', days.slice(0, count))]
      return workLanes(of, 'machine', scale, (i, h) => `${i.field}${h}`)[0]!.stints[0]!
    }
    // “Ridge12” takes 49 px: forty are too few.
    expect([at(3).name, at(3).nameAt]).toEqual(['Ridge12', 43])
    expect([at(4).name, at(4).nameAt]).toEqual(['Ridge16', 53])
    const began = workLanes(
      [item('a', 'Drill', ['2026-09-09', ...days, '2026-09-10', '2026-09-15'])],
      'machine',
      scale,
      byField,
    )
    expect(began[0]!.stints[0]!.nameAt).toBe(3)
  })

  it('without names only the days themselves take room', () => {
    const lanes = workLanes(
      [item('a', 'Drill', ['2026-09-11']), item('b', 'Drill', ['2026-09-12'])],
      'machine',
      scale,
    )
    expect(lanes[0]!.rows).toBe(1)
    expect(lanes[0]!.stints.map((s) => s.name)).toEqual(['', ''])
  })

  it('a machine has a lane of its own, and so has each person; by name', () => {
    const both = [
      item('a', 'Roller', ['2026-09-11']),
      item('b', 'Drill', ['2026-09-11'], {
        segments: [
          { day: '2026-09-11', hours: 2, person: 'Bo' },
          { day: '2026-09-11', hours: 2 },
        ],
      }),
    ]
    const names = (by: 'machine' | 'person') =>
      workLanes(both, by, scale, byField).map((l) => l.name)
    expect(names('machine')).toEqual(['Drill', 'Roller'])
    expect(names('person')).toEqual(['Ann', 'Bo', 'with its own crew'])
  })

  it('what is out of sight takes no lane; what is done is as long as it is done', () => {
    const lanes = workLanes(
      [
        item('a', 'Drill', ['2026-09-09']),
        item('b', 'Roller', ['2026-09-10', '2026-09-11'], { shareDone: 0.5 }),
        item('c', 'Sprayer', ['2026-11-09']),
      ],
      'machine',
      scale,
      byField,
    )
    expect(lanes.map((l) => l.name)).toEqual(['Roller'])
    expect(lanes[0]!.stints[0]!.done).toBe(10)
    expect(workLanes([item('d', 'Drill', ['2026-11-08'])], 'machine', scale, byField)).toHaveLength(
      1,
    )
  })

  it('what can be looked at begins a week before and ends a week behind, four weeks at least', () => {
    expect(workBounds([], '2026-09-12')).toEqual({ start: '2026-09-05', days: 28 })
    expect(workBounds([item('a', 'Drill', ['2026-09-01', '2026-10-31'])], '2026-09-12')).toEqual({
      start: '2026-08-25',
      days: 74,
    })
  })
})
