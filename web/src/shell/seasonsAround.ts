/** Seasons looked back on and planned ahead from this one, and any further one that is looked at. */
const BACK = 4
const AHEAD = 4

/** Years to choose a season from, the latest first. */
export function seasonsAround(now: number, looked: number): number[] {
  const years = Array.from({ length: BACK + AHEAD + 1 }, (_, i) => now + AHEAD - i)
  return years.includes(looked) ? years : [...years, looked].sort((a, b) => b - a)
}
