import assert from 'node:assert/strict'
import { test } from 'vitest'
import { Refusal, type FieldView } from '../../api/client'
import { blank, conflicts, formOf, inputOf } from './fieldForm'

const field = {
  version: 4,
  name: 'Creek Bottom',
  givenAreaHa: 32.3748,
  texture: 'loam',
  drainage: 'well',
  tiled: true,
  slopePercent: 2,
  erodible: false,
  organic: false,
  rotationNotes: '',
  landlord: '',
  hazards: '',
  crop: { kind: 'corn', plantedOn: '2026-05-01', maturity: 105 },
  nextCrop: { kind: 'soybean' },
} as unknown as FieldView

test('field: its area is shown in the reader’s unit and sent in hectares', () => {
  const form = formOf(field, 'us')
  assert.equal(form.area, '80')
  assert.ok(Math.abs(inputOf(form, 'us').givenAreaHa! - 32.3748) < 1e-3)
  assert.equal(formOf(field, 'metric').area, '32.37')
})

test('field: an area that is left empty is the boundary’s own', () => {
  assert.equal(inputOf({ ...formOf(field, 'us'), area: ' ' }, 'us').givenAreaHa, undefined)
})

test('field: each number that cannot be read is said at its place, and nothing is sent', () => {
  const form = formOf(field, 'us')
  form.area = 'eighty'
  form.input.slopePercent = 'steep' as unknown as number
  form.input.nextCrop.maturity = 'late' as unknown as number
  assert.throws(
    () => inputOf(form, 'us'),
    (e: Refusal) =>
      e.at('givenAreaHa') === '“eighty” is not a number.' &&
      e.at('slopePercent') !== '' &&
      e.at('nextCrop.maturity') !== '' &&
      e.at('crop.maturity') === '',
  )
})

test('field: empty days and maturities are none; a reason goes only with a field left out', () => {
  const form = blank()
  form.input.crop = { kind: 'corn', plantedOn: '', maturity: '' as unknown as number }
  form.input.leftOutReason = 'rented out'
  const sent = inputOf(form, 'us')
  assert.equal(sent.crop.plantedOn, undefined)
  assert.equal(sent.crop.maturity, undefined)
  assert.equal(sent.leftOutReason, undefined)
  assert.equal(inputOf({ ...form, leftOut: true }, 'us').leftOutReason, 'rented out')
})

test('conflict: only what differs, in words', () => {
  const mine = { ...formOf(field, 'us').input, name: 'Creek', tiled: false }
  assert.deepEqual(conflicts(mine, field), [
    ['name', 'Creek', 'Creek Bottom'],
    ['tiled', 'no', 'yes'],
  ])
  assert.deepEqual(conflicts(formOf(field, 'us').input, field), [])
})
