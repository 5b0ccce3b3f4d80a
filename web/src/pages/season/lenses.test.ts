import { describe, expect, it } from 'vitest'
import type { Furrow, Schemas } from '../../api/client'
import { endingOf, groundOf, seedingOf, workOf } from './lenses'

const TODAY = '2026-09-12'
const edge = (day: string) => ({ day, reason: { text: '', figures: {} } })
const furrow = (more: object): Furrow =>
  ({
    fieldId: 'f',
    next: { kind: 'SEED_NOW' },
    plan: { plan: { endOn: '2027-04-28', ending: 'sprayEarly' } },
    window: {
      method: 'drill',
      methodLabel: 'drill after harvest',
      possible: true,
      opens: edge('2026-09-10'),
      closes: edge('2026-09-30'),
    },
    ...more,
  }) as unknown as Furrow
const opening = (opens: string, closes: string) =>
  furrow({ window: { ...furrow({}).window, opens: edge(opens), closes: edge(closes) } })

describe('lenses over the season’s rows', () => {
  it('says how long it can be seeded', () => {
    expect(seedingOf(furrow({}), TODAY)).toEqual({
      big: '18 days left',
      small: 'closes 30 Sep',
      rust: false,
    })
    // Whether it presses is said by the next step, as everywhere.
    expect(seedingOf(furrow({ next: { kind: 'CLOSING' } }), TODAY).rust).toBe(true)
    expect(seedingOf(furrow({ next: { kind: 'SEED_NOW' } }), TODAY).rust).toBe(false)
    expect(seedingOf(opening('2026-09-13', '2026-09-20'), TODAY).big).toBe('in 1 day')
    expect(seedingOf(opening('2026-09-12', '2026-09-12'), TODAY).big).toBe('0 days left')
    expect(seedingOf(opening('2026-08-01', '2026-09-11'), TODAY)).toEqual({
      big: 'too late',
      small: 'closed 11 Sep',
      rust: true,
    })
    expect(seedingOf(furrow({ window: undefined }), TODAY).big).toBe('no window')
    expect(seedingOf(furrow({ seededOn: '2026-08-26' }), TODAY).big).toBe('26 Aug')
    expect(seedingOf(furrow({ plan: undefined }), TODAY).small).toBe('no cover yet')
    expect(seedingOf(furrow({ plan: undefined, leftOutReason: 'sold' }), TODAY).small).toBe(
      'left out',
    )
  })
  it('says when a drill can go on it', () => {
    const ground = (more: object) => [
      { fieldId: 'f', wetness: 0.8, hours: 31, from: '2026-09-12T00:00:00', limit: '', ...more },
    ]
    expect(groundOf(furrow({}), ground({}), TODAY)).toEqual({
      big: '31 h',
      small: 'fit from today',
    })
    expect(groundOf(furrow({}), ground({ from: '2026-09-13T07:00:00' }), TODAY).small).toBe(
      'fit from 13 Sep',
    )
    const wet = ground({ hours: 0, from: undefined, limit: 'ground' })
    expect(groundOf(furrow({}), wet, TODAY)).toEqual({
      big: 'too wet',
      small: 'for three days',
      rust: true,
    })
    expect(groundOf(furrow({}), ground({ from: undefined, limit: 'rain' }), TODAY).big).toBe('rain')
    expect(groundOf(furrow({}), undefined, TODAY)).toEqual({ big: '–', small: '' })
    expect(groundOf(furrow({ plan: undefined }), [], TODAY).small).toBe('no cover on it')
  })
  it('says when and how it ends', () => {
    const label = (way: string) => `<${way}>`
    expect(endingOf(furrow({}), label)).toEqual({ big: '28 Apr', small: '<sprayEarly>' })
    expect(endingOf(furrow({ endedOn: '2027-04-20' }), label)).toEqual({
      big: '20 Apr',
      small: 'ended',
    })
    expect(endingOf(furrow({ plan: undefined }), label).big).toBe('–')
  })
  it('names the next job that is not done', () => {
    const item = (startOn: string, more: object = {}) =>
      ({
        fieldId: 'f',
        shareDone: 0,
        startOn,
        finishOn: startOn,
        label: 'drill',
        doer: 'No-till drill',
        ...more,
      }) as Schemas['ItemView']
    const items = [
      item('2026-09-20'),
      item('2026-09-14', { label: 'combine', doer: 'Combine' }),
      item('2026-09-13', { shareDone: 1 }),
      item('2026-09-12', { fieldId: 'other' }),
    ]
    expect(workOf(furrow({}), items, TODAY)).toEqual({
      big: '14 Sep',
      small: 'Combine',
      rust: false,
    })
    expect(workOf(furrow({}), items, '2026-09-15').rust).toBe(true)
    expect(workOf(furrow({}), [], TODAY).small).toBe('nothing laid out')
  })
})
