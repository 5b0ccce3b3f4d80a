import { expect, it } from 'vitest'
import { frameOf, pathOf } from './outline'

const shape = {
  fieldId: 'f',
  polygons: [
    [
      [
        [-90, 41],
        [-89.98, 41],
        [-89.98, 41.005],
        [-90, 41.005],
        [-90, 41],
      ],
    ],
  ],
}

it('the longer way fills the picture, north is up', () => {
  const frame = frameOf(shape, 400, 20)
  const [west, top] = frame.toPicture([-90, 41.005])
  const [east, bottom] = frame.toPicture([-89.98, 41])
  expect(west).toBeCloseTo(20)
  expect(east).toBeCloseTo(380)
  expect(top).toBeCloseTo(20)
  expect(bottom).toBeCloseTo(frame.height - 20)
  // Half a hundredth of a degree north is about a third of two hundredths east at this latitude.
  expect((bottom - top) / (east - west)).toBeCloseTo(0.331, 2)
})

it('a point that is clicked is the point that was drawn', () => {
  const frame = frameOf(shape, 400, 20)
  const [x, y] = frame.toDegrees(frame.toPicture([-89.993, 41.0021]))
  expect(x).toBeCloseTo(-89.993, 9)
  expect(y).toBeCloseTo(41.0021, 9)
})

it('a ring is a closed path', () => {
  const path = pathOf(shape, frameOf(shape, 400, 20))
  expect(path).toMatch(/^M20\.0,/)
  expect(path.endsWith('Z')).toBe(true)
  expect(path.split('L')).toHaveLength(5)
})
