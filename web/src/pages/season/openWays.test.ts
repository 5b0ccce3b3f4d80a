import { describe, expect, it } from 'vitest'
import type { Furrow, Schemas } from '../../api/client'
import { byOpenWay, leftOf, raceOf, type OpenField } from './openWays'

const say = { hours: (h: number) => `${h} h` }
const furrow = (fieldId: string, more = {}) =>
  ({ fieldId, name: fieldId, areaHa: 10, plan: {}, ...more }) as Furrow
const open = (fieldId: string, more = {}) =>
  ({
    fieldId,
    closes: '2026-10-02',
    mine: false,
    seeded: false,
    fits: [],
    ...more,
  }) as never as OpenField
const way = (method: string, fields: OpenField[], more = {}) =>
  ({ method, label: method, machines: ['Big drill'], fields, ...more }) as Schemas['OpenWay']
const race = { fields: 2, hours: 31, daysNeeded: 3.1, daysToFirst: 8, daysToLast: 15, late: 0 }

describe('fields by the way they can be seeded this week', () => {
  const rows = byOpenWay(
    [
      furrow('a'),
      furrow('b'),
      furrow('c', { seededOn: '2026-09-01' }),
      furrow('d', { plan: undefined }),
    ],
    [
      way('fly', [open('a')], { machines: [] }),
      way('drill', [open('b'), open('a'), open('gone'), open('c', { seeded: true })]),
    ],
    say,
  )
  it('stand under each way that can, those with a machine first', () => {
    expect(rows.map((r) => r.key)).toEqual([
      'group drill',
      'drill b',
      'drill a',
      'group fly',
      'fly a',
      'group nothing fits this week',
      'd',
      'group seeded',
      'c',
    ])
  })
  it('have a head with their area, all of them to be chosen', () => {
    expect(rows[0]).toMatchObject({ count: 2, areaHa: 20, ids: ['b', 'a'], note: 'Big drill' })
    expect(rows[3]).toMatchObject({ note: 'no machine in the shed', rust: false })
  })
})

describe('the race of a way', () => {
  it('sets its hours against the days until the first and the last field closes', () => {
    expect(raceOf(way('drill', [], { race }), say)).toEqual({
      note: 'Big drill: 31 h planned in 8 to 15 days',
      rust: false,
    })
  })
  it('has one end for one field', () => {
    const one = { ...race, fields: 1, daysToLast: 8 }
    expect(raceOf(way('drill', [], { race: one }), say).note).toBe(
      'Big drill: 31 h planned in 8 days',
    )
  })
  it('says in rust how many would be late', () => {
    expect(raceOf(way('drill', [], { race: { ...race, late: 1 } }), say)).toEqual({
      note: 'Big drill: 31 h planned in 8 to 15 days, 1 would be late',
      rust: true,
    })
  })
})

describe('a field that is open', () => {
  it('says how long, and until when where it is planned so', () => {
    expect(leftOf(open('a', { mine: true }), 1, '2 Oct', false)).toEqual({
      big: '1 day left',
      small: 'planned, closes 2 Oct',
      rust: false,
    })
    expect(leftOf(open('a', { mine: true }), 0, '2 Oct', true)).toMatchObject({
      big: 'last day',
      rust: true,
    })
  })
  it('says what fits where nothing is planned, three at most', () => {
    const fits = ['Cereal rye', 'Oats', 'Triticale', 'Barley']
    expect(leftOf(open('a', { fits }), 5, '2 Oct', true)).toEqual({
      big: '5 days left',
      small: 'Cereal rye, Oats, Triticale',
      rust: false,
    })
    expect(leftOf(open('a'), 5, '2 Oct', false).small).toBe('closes 2 Oct')
  })
})
