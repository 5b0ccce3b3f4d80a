import { expect, it } from 'vitest'
import { blankYear, coverOf, dayOfYear, trimmed } from './rotation'

const species = [{ id: 'cereal_rye', drilledKgPerHa: { typical: 78 } }]

it('days of the year are read as they are typed', () => {
  expect(dayOfYear('9-5')).toBe('09-05')
  expect(dayOfYear(' 09/20 ')).toBe('09-20')
  expect(dayOfYear('4.25')).toBe('04-25')
  // What is no day stays as it was typed, for the server to say so.
  expect(dayOfYear('autumn')).toBe('autumn')
})

it('a cover begins with its usual rate and keeps the days that were said', () => {
  const fresh = coverOf(species, 'cereal_rye')
  expect(fresh?.components).toEqual([{ species: 'cereal_rye', rateKgPerHa: 78 }])
  expect(fresh?.seedOn).toBe('')
  const again = coverOf(species, 'cereal_rye', { ...fresh!, seedOn: '10-01', ending: 'till' })
  expect(again?.seedOn).toBe('10-01')
  expect(again?.ending).toBe('till')
  expect(coverOf(species, 'none')).toBeUndefined()
})

it('a rotation is sent with its days in one form', () => {
  const cover = coverOf(species, 'cereal_rye')!
  const sent = trimmed({
    id: 'r',
    name: 'Two years',
    years: [{ crop: 'corn', cover: { ...cover, seedOn: '9-20', endOn: '4/25' } }, blankYear()],
  })
  expect(sent.years[0]?.cover?.seedOn).toBe('09-20')
  expect(sent.years[0]?.cover?.endOn).toBe('04-25')
  expect(sent.years[1]).toEqual({ crop: 'corn' })
})
