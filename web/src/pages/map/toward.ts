/** A place on the map with what stands there; y grows to the north. */
export interface Place<T> {
  x: number
  y: number
  at: T
}

const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
/** What lies aside counts so much more than what lies ahead. */
const ASIDE = 2

/**
 * Where an arrow key leads: the nearest place in its direction; from nowhere, the one farthest
 * against it. Nothing where the farm ends, or for another key.
 */
export function toward<T>(
  key: string,
  from: Place<T> | undefined,
  places: readonly Place<T>[],
): Place<T> | undefined {
  const way = WAYS[key]
  if (!way) return undefined
  const [dx, dy] = way
  let best: { place: Place<T>; cost: number } | undefined
  for (const place of places) {
    if (place === from) continue
    const [x, y] = [place.x - (from?.x ?? 0), place.y - (from?.y ?? 0)]
    const ahead = x * dx + y * dy
    const aside = Math.abs(x * dy) + Math.abs(y * dx)
    if (from && ahead <= 0) continue
    const cost = from ? ahead + ASIDE * aside : ahead
    if (!best || cost < best.cost) best = { place, cost }
  }
  return best?.place
}
