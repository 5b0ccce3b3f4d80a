import type { Schemas } from '../../api/client'
import { plus } from '../../words/days'
import { x, type DayScale } from '../scale'

/*
 * What else has a date, under the furrow on the same axis: ways of seeding and of ending as bars,
 * odds by day as a curve, stages as ridges.
 */

type Window = Schemas['WindowView']
type EndingWay = Schemas['EndingView']
type Stage = Schemas['StageView']

/** A bar of a lane. */
export interface LaneBar {
  key: string
  label: string
  from: string
  to: string
  /** The last day on which it is as good as it gets. */
  best: string
  chosen: boolean
  /** How thick it is, 0 to 1. */
  thick: number
  over: boolean
  /** What it comes to, in figures, and the day the crop behind it is planted. */
  tells?: string
  plantOn?: string
}

/** The chosen way first, then those still to come in the order in which they close. */
export function seedBars(
  windows: readonly Window[],
  method: string | undefined,
  today: string,
): LaneBar[] {
  const mine = windows.filter((w) => w.possible && w.method === method)
  const others = windows
    .filter((w) => w.possible && w.method !== method && w.closes.day >= today)
    .sort((a, b) => a.closes.day.localeCompare(b.closes.day))
  return [...mine, ...others].map((w) => ({
    key: w.method,
    label: w.methodLabel,
    from: w.opens.day,
    to: w.closes.day,
    best: w.bestUntil.day < w.closes.day ? w.bestUntil.day : w.closes.day,
    chosen: w.method === method,
    thick: 1,
    over: w.closes.day < today,
  }))
}

/** The chosen ending first, then those that fit; as thick as the cover is by then. */
export function endBars(endings: readonly EndingWay[], way: string | undefined): LaneBar[] {
  const tallest = Math.max(0.1, ...endings.map((e) => e.coverMgPerHa))
  const mine = endings.filter((e) => e.way === way)
  const others = endings.filter((e) => e.way !== way && e.fit !== 'DOES_NOT')
  return [...mine, ...others].map((e) => ({
    key: e.way,
    label: e.label,
    from: e.from,
    to: e.to,
    best: e.to,
    chosen: e.way === way,
    thick: e.coverMgPerHa / tallest,
    over: e.fit === 'DOES_NOT',
  }))
}

/** Where a bar lies on the axis; nothing where it is out of sight. */
export function placed(bar: LaneBar, scale: DayScale) {
  const left = Math.max(0, x(scale, bar.from))
  const right = Math.min(scale.width, x(scale, plus(bar.to, 1)))
  if (right <= 0 || left >= scale.width || right <= left) return undefined
  const best = Math.max(left, Math.min(right, x(scale, plus(bar.best, 1))))
  return { left, best, right }
}

const f = (n: number) => n.toFixed(1)

/** A stage as a ridge: its foot from one year in ten early to one in ten late, its top in the middle. */
export function ridge(stage: Stage, scale: DayScale, ground: number, height: number): string {
  if (!stage.middle) return ''
  const middle = x(scale, stage.middle)
  const least = scale.width / scale.days
  const left = Math.min(middle - least, x(scale, stage.early ?? stage.middle))
  const right = Math.max(middle + least, x(scale, stage.late ?? stage.middle))
  if (right < 0 || left > scale.width) return ''
  const top = ground - height * (stage.years ? stage.yearsReached / stage.years : 0)
  const bend = (a: number, b: number) => f((a + b) / 2)
  return (
    `M${f(left)},${ground}` +
    `C${bend(left, middle)},${ground} ${bend(left, middle)},${f(top)} ${f(middle)},${f(top)}` +
    `C${bend(middle, right)},${f(top)} ${bend(middle, right)},${ground} ${f(right)},${ground}Z`
  )
}

/** Whether any of a stage is on the axis. */
export function stageInSight(stage: Stage, scale: DayScale): boolean {
  return !!stage.middle && ridge(stage, scale, 0, 1) !== ''
}

/** Whether any of the odds are on the axis. */
export function oddsInSight(points: readonly { day: string }[], scale: DayScale): boolean {
  const [first, last] = [points[0], points[points.length - 1]]
  return !!first && !!last && x(scale, last.day) > 0 && x(scale, first.day) < scale.width
}

/** Odds by day as a line with the ground under it; nothing with fewer than two days. */
export function oddsCurve(
  points: readonly { day: string; met: number }[],
  years: number,
  scale: DayScale,
  ground: number,
  height: number,
): { line: string; area: string } | undefined {
  const [first, last] = [points[0], points[points.length - 1]]
  if (!first || !last || points.length < 2 || !years) return undefined
  const line = points
    .map((p) => `${f(x(scale, p.day))},${f(ground - (height * p.met) / years)}`)
    .join('L')
  return {
    line: `M${line}`,
    area: `M${f(x(scale, first.day))},${ground}L${line}L${f(x(scale, last.day))},${ground}Z`,
  }
}

/** Heights, px: a bar close by and from afar, the odds, the stages, and what stands between lanes. */
export const LANE = { named: 19, small: 14, odds: 40, stages: 30, gap: 9 }

interface Lanes {
  seeds: readonly LaneBar[]
  ends: readonly LaneBar[]
  stages: readonly unknown[]
}

/** Where each lane begins, from the first's top on, and where the last ends. */
export function laneTops(lanes: Lanes, close: boolean, odds: boolean) {
  const row = close ? LANE.named : LANE.small
  const after = (tall: number) => (tall ? tall + LANE.gap : 0)
  const oddsAt = after(lanes.seeds.length * row)
  const stagesAt = oddsAt + after(odds ? LANE.odds : 0)
  const endAt = stagesAt + after(lanes.stages.length ? LANE.stages : 0)
  return {
    seed: 0,
    odds: oddsAt,
    stages: stagesAt,
    end: endAt,
    bottom: endAt + lanes.ends.length * row,
  }
}

/** How tall all lanes are together. */
export const lanesTall = (lanes: Lanes, close: boolean, odds: boolean): number =>
  laneTops(lanes, close, odds).bottom
