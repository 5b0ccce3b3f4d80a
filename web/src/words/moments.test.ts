import { expect, it } from 'vitest'
import { sayMoment } from './moments'

it('a moment of today is its time, of another day with the day', () => {
  const now = new Date(2026, 8, 12, 23, 59)
  expect(sayMoment(new Date(2026, 8, 12, 0, 5), now)).toBe('0:05')
  expect(sayMoment(new Date(2026, 8, 11, 14, 30), now)).toBe('11 Sep, 14:30')
  expect(sayMoment(new Date(2025, 8, 12, 14, 30), now)).toBe('12 Sep, 14:30')
})
