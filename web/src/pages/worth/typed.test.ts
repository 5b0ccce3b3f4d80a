import { describe, expect, it } from 'vitest'
import { whole } from './typed'

describe('a sum as it is typed', () => {
  it('is asked once nothing is missing, nought being something', () => {
    expect(whole({ a: 1, b: undefined })).toBeUndefined()
    expect(whole({ a: 1, b: 0 })).toEqual({ a: 1, b: 0 })
  })
})
