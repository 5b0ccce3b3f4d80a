import { expect, it } from 'vitest'
import { shadeOf } from './shade'

it('a dark week is drawn fully, a light one faintly', () => {
  expect(shadeOf(0)).toBe(1)
  expect(shadeOf(1)).toBe(0.25)
  expect(shadeOf(0.5)).toBe(0.625)
  expect(shadeOf(1.2)).toBe(0.25)
})
