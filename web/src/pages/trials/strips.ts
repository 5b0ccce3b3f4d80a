import type { Schemas } from '../../api/client'

/** Strips as they lie and what stands on them, as they are drawn. */
export type TrialView = Schemas['TrialView']
export type Strip = Schemas['TrialStrip']
type Result = Schemas['TrialResult']

/** Treatments go by letters, in the order they were named. */
const FIRST = 'A'.charCodeAt(0)
export const letter = (treatment: number) => String.fromCharCode(FIRST + treatment)

/** Where degrees lie on a drawing of a width; its height follows. */
export function frameOf(rings: number[][][], width: number, most: number) {
  const points = rings.flat()
  const lon = points.map((p) => p[0]!)
  const lat = points.map((p) => p[1]!)
  const west = Math.min(...lon)
  const south = Math.min(...lat)
  const north = Math.max(...lat)
  const squeeze = Math.cos((((north + south) / 2) * Math.PI) / 180)
  const wide = (Math.max(...lon) - west) * squeeze
  const high = north - south
  const scale = Math.min(width / wide, most / high)
  const left = (width - wide * scale) / 2
  return {
    height: high * scale,
    at: (p: number[]): [number, number] => [
      left + (p[0]! - west) * squeeze * scale,
      (north - p[1]!) * scale,
    ],
  }
}

/** A ring as a path, and the middle of its points for a letter. */
export function outline(ring: number[][], at: (p: number[]) => [number, number]) {
  const points = ring.map(at)
  const xs = points.map((p) => p[0])
  const ys = points.map((p) => p[1])
  return {
    path: `M${points.map((p) => p.map((v) => v.toFixed(1)).join(',')).join('L')}Z`,
    middle: [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2] as [
      number,
      number,
    ],
  }
}

/** What was measured on a strip; nothing where it is lost or not measured yet. */
export const valueOf = (strip: Strip, key: string) =>
  strip.lost === undefined ? strip.figures[key] : undefined

/** Values to a share of the way from the least to the greatest. */
export function shares(values: number[]) {
  const least = Math.min(...values)
  const most = Math.max(...values)
  return (value: number) => (most > least ? (value - least) / (most - least) : 0.5)
}

/** Dots of a figure: by treatment across, by value upwards, joined by block. */
export function dotsOf(trial: TrialView, key: string) {
  return trial.strips.flatMap((s) => {
    const value = valueOf(s, key)
    return value === undefined
      ? []
      : [{ treatment: s.treatment, block: s.block, value, n: s.number }]
  })
}

/** What pays, in a few words: beside the first treatment. */
export function paid(
  result: Result,
  first: string,
  say: (value: number) => string,
): { name: string; text: string; sure: boolean; gain: boolean }[] {
  return result.pays.map((p) => {
    const gain = p.usdPerHa >= 0
    const sure = p.low > 0 || p.high < 0
    const size = say(Math.abs(p.usdPerHa))
    const range = `${say(p.low)} to ${say(p.high)}`
    const text = gain
      ? `${size} better than ${first}, ${range} nine times in ten`
      : `${size} worse than ${first}, ${range} nine times in ten`
    return { name: p.treatment, text: sure ? text : `${text}: it may be either way`, sure, gain }
  })
}

/** What is left to measure of a figure. */
export function stillOpen(trial: TrialView, key: string): number {
  return trial.strips.filter((s) => s.lost === undefined && s.figures[key] === undefined).length
}
