import type { Schemas } from '../../api/client'

type Shape = Schemas['ShapeView']
export type Point = readonly [number, number]

/** Degrees of longitude and latitude on a picture, and back. */
export interface Frame {
  toPicture: (p: Point) => Point
  toDegrees: (p: Point) => Point
  height: number
}

const HALF_TURN = 180

/** A frame that holds a shape in so many pixels, with a margin round it. */
export function frameOf(shape: Shape, width: number, margin: number): Frame {
  const all = shape.polygons.flat(2) as [number, number][]
  const xs = all.map((p) => p[0])
  const ys = all.map((p) => p[1])
  const [west, east] = [Math.min(...xs), Math.max(...xs)]
  const [south, north] = [Math.min(...ys), Math.max(...ys)]
  // On the ground a degree of longitude is shorter, the farther from the equator.
  const squeeze = Math.cos((((south + north) / 2) * Math.PI) / HALF_TURN)
  const room = width - 2 * margin
  const scale = room / Math.max((east - west) * squeeze, north - south)
  return {
    toPicture: ([x, y]) => [margin + (x - west) * squeeze * scale, margin + (north - y) * scale],
    toDegrees: ([px, py]) => [
      west + (px - margin) / (squeeze * scale),
      north - (py - margin) / scale,
    ],
    height: (north - south) * scale + 2 * margin,
  }
}

/** A shape as an SVG path; holes are rings within. */
export function pathOf(shape: Shape, frame: Frame): string {
  return shape.polygons
    .flat(1)
    .map((ring) => {
      const points = ring.map((p) => frame.toPicture([p[0] ?? 0, p[1] ?? 0]))
      return `M${points.map((p) => p.map((v) => v.toFixed(1)).join(',')).join('L')}Z`
    })
    .join('')
}
