/** Outlines of crops and covers as SVG paths. Heights are fractions of what there is room for. */
export interface Room {
  width: number
  ground: number
  height: number
}

function at(i: number, n: number, width: number): number {
  return (i / (n - 1)) * width
}

function f(value: number): string {
  return value.toFixed(1)
}

/** A silhouette standing on the ground; empty when nothing stands. */
export function silhouette(heights: readonly number[], room: Room): string {
  const n = heights.length
  if (n < 2 || !heights.some((h) => h > 0.004)) return ''
  const top = heights.map(
    (h, i) => `${f(at(i, n, room.width))},${f(room.ground - h * room.height)}`,
  )
  return `M0,${f(room.ground)}L${top.join('L')}L${f(room.width)},${f(room.ground)}Z`
}

/** The band between two outlines. */
export function band(low: readonly number[], high: readonly number[], room: Room): string {
  const n = high.length
  if (n < 2 || !high.some((h) => h > 0.004)) return ''
  const y = (h: number) => f(room.ground - h * room.height)
  const there = high.map((h, i) => `${f(at(i, n, room.width))},${y(h)}`)
  const back = low.map((h, i) => `${f(at(i, n, room.width))},${y(h)}`).reverse()
  return `M${there.join('L')}L${back.join('L')}Z`
}

/** Cover mass as a height: small stands stay visible beside full ones (square root of the share). */
export function coverHeight(mgPerHa: number, full: number): number {
  return Math.min(1, Math.sqrt(Math.max(0, mgPerHa) / full))
}

/** A series cut off from a point on, as when a cover is ended. */
export function until(values: readonly number[], point: number): number[] {
  return values.map((v, i) => (i <= point ? v : 0))
}

/** Points of a weekly series over the fourteen months of a furrow. */
export const WEEKS = 57

/** The next crop, rising from its planting; drawn half high, since it is only hinted at. */
export function nextCropHeights(plantedAtWeek: number): number[] {
  return Array.from({ length: WEEKS }, (_, i) =>
    Math.min(0.5, Math.max(0, (i - plantedAtWeek - 1) * 0.06)),
  )
}

/** How ripe the standing crop is along the furrow, 0 green to 1 straw, at every other week. */
export function ripening(
  standing: readonly number[],
  green: readonly number[],
): { at: number; ripe: number }[] {
  return standing.flatMap((height, i) =>
    height > 0.02 && i % 2 === 0
      ? [{ at: i / (standing.length - 1), ripe: 1 - Math.min(1, (green[i] ?? 0) / height) }]
      : [],
  )
}
