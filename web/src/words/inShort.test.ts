import { expect, it } from 'vitest'
import { inShort } from './inShort'

it('a cover in short is two by name, of more the first', () => {
  expect(inShort([])).toBe('')
  expect(inShort(['oats'])).toBe('oats')
  expect(inShort(['oats', 'peas'])).toBe('oats + peas')
  expect(inShort(['oats', 'peas', 'radish'])).toBe('oats + 2 more')
})
