import { describe, expect, it } from 'vitest'
import type { FieldView } from '../../api/client'
import { asInput, changedField, changesSomething, unchanged } from './manyFields'

const field: FieldView = {
  id: 'f',
  version: 3,
  name: 'Heron Low',
  areaHa: 95,
  computedAreaHa: 95,
  texture: 'loam',
  drainage: 'well',
  tiled: true,
  slopePercent: 2,
  erodible: false,
  organic: true,
  rotationNotes: 'rye',
  landlord: '',
  hazards: 'houses',
  leftOutReason: 'rented out',
  crop: { kind: 'corn', plantedOn: '2026-05-04', maturity: 104, rowSpacingM: 0.76 },
  nextCrop: { kind: 'soybean', plantedOn: '2027-05-20' },
  pieces: [],
}
const change = (more: object) => changedField(field, { ...unchanged(), ...more })

describe('several fields changed alike', () => {
  it('leaves what is not named as it is', () => {
    expect(change({})).toEqual(asInput(field))
    expect(changesSomething(unchanged())).toBe(false)
    expect(changesSomething({ ...unchanged(), leftOutReason: 'x' })).toBe(false)
    expect(changesSomething({ ...unchanged(), tiled: 'no' })).toBe(true)
  })
  it('sets soil, drainage and what is yes or no', () => {
    const now = change({ texture: 'clay', drainage: 'poor', tiled: 'no', erodible: 'yes' })
    expect(now).toEqual({
      ...asInput(field),
      texture: 'clay',
      drainage: 'poor',
      tiled: false,
      erodible: true,
    })
    expect(change({ organic: 'no' }).organic).toBe(false)
  })
  it('lets another crop begin without the days of the one before', () => {
    expect(change({ crop: 'soybean' }).crop).toEqual({ kind: 'soybean', rowSpacingM: 0.76 })
    expect(change({ crop: 'corn' }).crop).toEqual(field.crop)
    expect(change({ cropPlantedOn: '2026-05-10' }).crop).toEqual({
      ...field.crop,
      plantedOn: '2026-05-10',
    })
    expect(change({ nextCrop: 'none', nextPlantedOn: '2027-05-10' }).nextCrop).toEqual({
      kind: 'none',
      rowSpacingM: undefined,
    })
  })
  it('leaves a field out with its reason, and takes it in again', () => {
    expect(change({ leftOut: 'yes', leftOutReason: 'sold' }).leftOutReason).toBe('sold')
    expect(change({ leftOut: 'yes' }).leftOutReason).toBe('')
    expect(change({ leftOut: 'no' }).leftOutReason).toBeUndefined()
  })
})
