import { expect, it } from 'vitest'
import { seasonsAround } from './seasonsAround'

it('four seasons ahead and four back, the latest first', () => {
  expect(seasonsAround(2026, 2026)).toEqual([2030, 2029, 2028, 2027, 2026, 2025, 2024, 2023, 2022])
})

it('what is looked at can always be chosen', () => {
  expect(seasonsAround(2026, 2019).at(-1)).toBe(2019)
  expect(seasonsAround(2026, 2035)[0]).toBe(2035)
  expect(seasonsAround(2026, 2022)).toHaveLength(9)
})
