import { describe, expect, it } from 'vitest'
import { saidSize } from './size'

describe('the size of a paper', () => {
  it('is said in thousands and millions', () => {
    expect(saidSize(12)).toBe('1 kB')
    expect(saidSize(1499)).toBe('1 kB')
    expect(saidSize(1500)).toBe('2 kB')
    expect(saidSize(999_499)).toBe('999 kB')
    expect(saidSize(1_000_000)).toBe('1.0 MB')
    expect(saidSize(9_960_000)).toBe('10.0 MB')
  })
})
