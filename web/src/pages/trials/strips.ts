import type { Schemas } from '../../api/client'

/** Strips as they lie and what stands on them, as they are drawn. */
export type TrialView = Schemas['TrialView']
export type Strip = Schemas['TrialStrip']
type Result = Schemas['TrialResult']

/** Treatments go by letters, in the order they were named. */
const FIRST = 'A'.charCodeAt(0)
export const letter = (treatment: number) => String.fromCharCode(FIRST + treatment)

const HALF_TURN = 180
const radians = (degrees: number) => (degrees * Math.PI) / HALF_TURN

/**
 * Strips drawn upright, the first to the left: across them to the width of the drawing, along them to
 * its height, whatever their length is, so that each has room for its letter.
 *
 * @param bearing of the strips, degrees from north
 */
export function frameOf(rings: number[][][], bearing: number, width: number, height: number) {
  const middle = rings[0]![0]![1]!
  const squeeze = Math.cos(radians(middle))
  const [sin, cos] = [Math.sin(radians(bearing)), Math.cos(radians(bearing))]
  const turned = (p: number[]): [number, number] => {
    const east = p[0]! * squeeze
    return [east * cos - p[1]! * sin, east * sin + p[1]! * cos]
  }
  const points = rings.flat().map(turned)
  const xs = points.map((p) => p[0])
  const ys = points.map((p) => p[1])
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const [low, high] = [Math.min(...ys), Math.max(...ys)]
  return {
    at: (p: number[]): [number, number] => {
      const [x, y] = turned(p)
      return [((x - left) / (right - left)) * width, ((high - y) / (high - low)) * height]
    },
    /** Which way north lies on the drawing, as a turn of an arrow that points up. */
    north: -bearing,
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
    const word = gain ? 'better' : 'worse'
    const [near, far] = [p.low, p.high].map((v) => say(Math.abs(v))) as [string, string]
    const range = !sure
      ? `from ${near} worse to ${far} better`
      : gain
        ? `between ${near} and ${far}`
        : `between ${far} and ${near}`
    const text = `${say(Math.abs(p.usdPerHa))} ${word} than ${first}, ${range} nine times in ten`
    return { name: p.treatment, text, sure, gain }
  })
}

/** What is left to measure of a figure. */
export function stillOpen(trial: TrialView, key: string): number {
  return trial.strips.filter((s) => s.lost === undefined && s.figures[key] === undefined).length
}

/**
 * How much strips of this farm vary by their own trials, as a share of the mean: the root of the mean
 * square, for errors add up in squares. Undefined where no trial has said it of that measure.
 */
export function ownError(
  trials: TrialView[],
  key: string,
): { cv: number; trials: number } | undefined {
  const said = trials.flatMap((t) => t.results.filter((r) => r.key === key && r.cv !== undefined))
  if (!said.length) return undefined
  const square = said.reduce((sum, r) => sum + r.cv! ** 2, 0) / said.length
  return { cv: Math.sqrt(square), trials: said.length }
}
