import { computed, ref, watchEffect, type Ref } from 'vue'
import type { FieldSeason, PlanInput, Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import {
  endBars,
  lanesTall,
  oddsInSight,
  placed,
  seedBars,
  stageInSight,
  type LaneBar,
} from '../../furrow/axis/lanes'
import { withOutcomes } from '../../furrow/axis/outcomes'
import { useZoom } from '../../furrow/axis/useZoom'
import type { Level } from '../../furrow/axis/zoom'
import { WEEKS } from '../../furrow/shapes'
import { useSession } from '../../session'
import { boundsOf } from './axisBounds'

const [HOURS_TALL, FEW_BARS, MANY_BARS] = [146, 3, 6] as const
/** Where lanes begin under the ground, px: above them stand the limits' names. */
export const LANES_AT = 23

interface Shown {
  shown?: FieldSeason
  plan: PlanInput | null
  odds: Schemas['DateOddsView'] | null
  anchor: string
  first?: Level
  /** What each ending comes to, where it is known. */
  outcomes?: readonly Schemas['EndingRow'][]
}

/** What a field's axis shows, and how much of the field's time is looked at. */
export function useFieldAxis(
  props: Shown,
  holder: Readonly<Ref<HTMLElement | null>>,
  width: Readonly<Ref<number>>,
) {
  const season = computed(() =>
    props.shown ? { start: props.shown.start, days: (WEEKS - 1) * 7 } : undefined,
  )
  const { data: chain } = useRead('/api/farms/{farmId}/fields/{fieldId}/chain', () =>
    props.shown ? { path: { fieldId: props.shown.field.id } } : null,
  )
  const links = computed(() => chain.value?.links ?? [])
  const bounds = computed(() => season.value && boundsOf(season.value, links.value))
  const zoom = useZoom(holder, {
    season,
    bounds,
    anchor: computed(() => props.anchor),
    today: computed(() =>
      props.shown && props.shown.today > props.shown.start ? props.shown.today : '',
    ),
    first: props.first,
  })
  const { view, level } = zoom
  const scale = computed(() => ({ start: '', days: 1, ...view.value, width: width.value }))
  const close = computed(() => level.value === 'month' || level.value === 'days')
  const { data: hours } = useRead('/api/farms/{farmId}/hours', () =>
    level.value === 'days' && props.shown ? { query: { fieldId: props.shown.field.id } } : null,
  )

  /** Of what is in sight, as much as there is room for. */
  const most = computed(() => (close.value ? MANY_BARS : FEW_BARS))
  const inSight = (bars: LaneBar[]) =>
    bars.filter((b) => placed(b, scale.value)).slice(0, most.value)
  const seeds = computed(() =>
    props.shown?.furrow.seededOn
      ? []
      : inSight(seedBars(props.shown?.windows ?? [], props.plan?.method, props.shown?.today ?? '')),
  )
  const session = useSession()
  const ends = computed(() =>
    withOutcomes(
      inSight(endBars(props.shown?.endings ?? [], props.plan?.ending)),
      props.outcomes ?? [],
      (value, unit) => session.amount(value, unit),
    ),
  )
  const stages = computed(() =>
    (props.shown?.species ?? [])
      .flatMap((s) => s.stages.map((stage) => ({ species: s.name, stage })))
      .filter((s) => stageInSight(s.stage, scale.value))
      .sort((a, b) => (a.stage.middle ?? '').localeCompare(b.stage.middle ?? '')),
  )
  const curve = computed(() => {
    const o = props.odds
    const mine = o?.methods.find((m) => m.method === props.plan?.method && m.thickness === 1)
    const seen = mine && oddsInSight(mine.points, scale.value)
    return o && seen && !props.shown?.furrow.seededOn
      ? { points: mine.points, years: o.years, wanted: o.wanted }
      : undefined
  })
  const lanes = computed(() => ({ seeds: seeds.value, ends: ends.value, stages: stages.value }))
  // While a hand moves it, what is below does not jump.
  const tall = ref(0)
  watchEffect(() => {
    const now =
      level.value === 'days'
        ? HOURS_TALL
        : LANES_AT + lanesTall(lanes.value, close.value, !!curve.value)
    tall.value = zoom.moving.value ? Math.max(tall.value, now) : now
  })
  const harvest = computed(() => {
    const f = props.shown?.furrow
    return { early: f?.harvestEarly, middle: f?.harvest, late: f?.harvestLate }
  })

  return { zoom, scale, close, hours, links, seeds, ends, stages, curve, tall, harvest }
}
