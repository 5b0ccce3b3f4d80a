import { expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { boundsOf } from './axisBounds'

const link = (from: string, until: string) => ({ from, until }) as Schemas['LinkView']

it('the farthest look holds the season and every link with some open ground', () => {
  const season = { start: '2026-07-06', days: 392 }
  expect(boundsOf(season, [])).toEqual(season)
  expect(boundsOf(season, [link('2026-08-20', '2027-05-01')])).toEqual(season)
  expect(
    boundsOf(season, [link('2023-05-10', '2023-10-01'), link('2028-05-01', '2028-10-01')]),
  ).toEqual({ start: '2023-04-10', days: 2031 })
})
