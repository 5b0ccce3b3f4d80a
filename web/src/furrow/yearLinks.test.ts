import { expect, it } from 'vitest'
import { blocks, fitting, hill, seasonLines, xOf, type YearLink } from './yearLinks'

const room = { from: '2025-07-01', to: '2027-07-01', width: 730, ground: 42 }
const link = (id: string, kind: YearLink['kind'], from: string, until: string): YearLink => ({
  id,
  kind,
  name: 'Cereal rye and hairy vetch',
  season: 2026,
  from,
  until,
  state: 'ahead',
  logged: false,
})

it('a day is a pixel where there is one for each', () => {
  expect(xOf('2025-07-01', room)).toBe(0)
  expect(xOf('2026-07-01', room)).toBe(365)
  expect(xOf('2027-07-01', room)).toBe(730)
})

it('what begins before the strip begins at its edge', () => {
  expect(xOf('2024-01-01', room)).toBe(0)
  expect(xOf('2030-01-01', room)).toBe(730)
})

it('a cover is drawn from seeding to ending, lower than a crop', () => {
  const [cover, crop] = blocks(
    [link('a', 'cover', '2026-09-01', '2026-09-11'), link('b', 'crop', '2026-05-01', '2026-10-01')],
    room,
  )
  expect(cover?.left).toBe(427)
  expect(cover?.width).toBe(10)
  const top = (path = '') => Math.min(...[...path.matchAll(/,(\d+)/g)].map((m) => Number(m[1])))
  expect(top(cover?.path)).toBe(42 - 19)
  expect(top(crop?.path)).toBe(42 - 30)
})

it('a link of no length can still be seen', () => {
  expect(blocks([link('a', 'cover', '2026-09-01', '2026-09-01')], room)[0]?.width).toBe(2)
})

it('names are shortened to what there is room for', () => {
  expect(fitting('Cereal rye', 70)).toBe('Cereal rye')
  expect(fitting('Cereal rye', 40)).toBe('Cereal')
  expect(fitting('Cereal rye', 20)).toBe('')
})

it('a hill stands on the ground at both ends', () => {
  const path = hill(10, 50, 20, 42)
  expect(path.startsWith('M10.0,42')).toBe(true)
  expect(path.endsWith('50.0,42Z')).toBe(true)
})

it('seasons turn in July', () => {
  expect(seasonLines(room)).toEqual([
    { season: 2025, x: 0 },
    { season: 2026, x: 365 },
  ])
})
