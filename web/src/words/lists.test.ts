import { expect, it } from 'vitest'
import { together } from './lists'

it('names are said together', () => {
  expect(together([])).toBe('')
  expect(together(['rye'])).toBe('rye')
  expect(together(['rye', 'vetch'])).toBe('rye and vetch')
  expect(together(['rye', 'vetch', 'radish'])).toBe('rye, vetch and radish')
})
