import { describe, expect, it } from 'vitest'
import { fitted, packed } from './shrink'

describe('a picture for sending', () => {
  it('keeps its shape within the longer edge', () => {
    expect(fitted(4000, 3000, 2048)).toEqual({ width: 2048, height: 1536 })
    expect(fitted(3000, 4000, 2048)).toEqual({ width: 1536, height: 2048 })
  })

  it('is not blown up', () => {
    expect(fitted(640, 480, 2048)).toEqual({ width: 640, height: 480 })
  })

  it('gives its pixels as red, green and blue without the fourth byte', () => {
    const two = [0x12, 0x34, 0x56, 255, 0xff, 0, 1, 0]
    expect([...packed(two)]).toEqual([0x123456, 0xff0001])
  })
})
