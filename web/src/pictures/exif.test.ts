import { describe, expect, it } from 'vitest'
import { exifOf, withExif } from './exif'

const text = (s: string) => [...s].map((c) => c.charCodeAt(0))
const segment = (marker: number, body: number[]) => {
  const length = body.length + 2
  return [0xff, marker, length >> 8, length & 0xff, ...body]
}
const START = [0xff, 0xd8]
const JFIF = segment(0xe0, text('JFIF\0 1.2'))
const EXIF = segment(0xe1, text('Exif\0\0day and place'))
const OTHER = segment(0xe1, text('http://ns.example/xap'))
const SCAN = [...segment(0xda, [1, 2, 3]), 9, 9, 9, 0xff, 0xd9]
const jpeg = (...parts: number[][]) => new Uint8Array([...START, ...parts.flat()])

describe('what a camera wrote into a picture', () => {
  it('is found behind other segments', () => {
    expect([...exifOf(jpeg(JFIF, OTHER, EXIF, SCAN))!]).toEqual(EXIF)
    expect([...exifOf(jpeg(EXIF, SCAN))!]).toEqual(EXIF)
  })

  it('is found in the middle of a buffer', () => {
    const all = new Uint8Array([7, 7, 7, ...jpeg(JFIF, EXIF, SCAN)])
    expect([...exifOf(all.subarray(3))!]).toEqual(EXIF)
  })

  it('is nothing where there is none, or the file is no JPEG or cut', () => {
    expect(exifOf(jpeg(JFIF, SCAN))).toBeUndefined()
    expect(exifOf(jpeg(SCAN, EXIF))).toBeUndefined()
    expect(exifOf(new Uint8Array(text('PNG and more than eight bytes')))).toBeUndefined()
    expect(exifOf(jpeg(JFIF, EXIF).slice(0, -4))).toBeUndefined()
    expect(exifOf(new Uint8Array())).toBeUndefined()
    expect(exifOf(jpeg([1, 2, 3, 4, 5, 6, 7, 8, 9]))).toBeUndefined()
  })

  it('is carried into the smaller picture, where it is found again', async () => {
    const small = new Blob([jpeg(JFIF, SCAN)], { type: 'image/jpeg' })
    const bytes = new Uint8Array(await withExif(small, new Uint8Array(EXIF)).arrayBuffer())
    expect([...bytes]).toEqual([...jpeg(EXIF, JFIF, SCAN)])
    expect([...exifOf(bytes)!]).toEqual(EXIF)
    expect(withExif(small, undefined)).toBe(small)
  })
})
