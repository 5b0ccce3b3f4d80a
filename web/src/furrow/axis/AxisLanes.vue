<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { sayDay } from '../../words/days'
import { x, type DayScale } from '../scale'
import AxisBars from './AxisBars.vue'
import { LANE, laneTops, oddsCurve, ridge, type LaneBar } from './lanes'

/** What has a date, under the furrow: ways of seeding, odds by day, stages, ways of ending. */
const props = defineProps<{
  seeds: LaneBar[]
  ends: LaneBar[]
  odds?: { points: { day: string; met: number }[]; years: number; wanted: number }
  stages: { species: string; stage: Schemas['StageView'] }[]
  scale: DayScale
  y: number
  close: boolean
  movable: boolean
}>()
const emit = defineEmits<{
  point: [lane: 'seed' | 'end', key?: string]
  pick: [lane: 'seed' | 'end', key: string]
}>()
const { odds: ODDS, stages: STAGES, gap: GAP } = LANE
/** Half of what a number takes, px: at the edge it stands before it. */
const [LETTERS] = [7] as const
const row = computed(() => (props.close ? LANE.named : LANE.small))
const tops = computed(() => {
  const at = laneTops(props, props.close, !!props.odds)
  return {
    seed: props.y + at.seed,
    odds: props.y + at.odds,
    stages: props.y + at.stages,
    end: props.y + at.end,
  }
})
const curve = computed(
  () =>
    props.odds &&
    oddsCurve(
      props.odds.points,
      props.odds.years,
      props.scale,
      tops.value.odds + ODDS,
      ODDS - GAP / 2,
    ),
)
const wanted = computed(() =>
  props.odds
    ? tops.value.odds + ODDS - ((ODDS - GAP / 2) * props.odds.wanted) / props.odds.years
    : 0,
)
/** Where the odds lie; their words stand before them, or behind them where there is more room. */
const span = computed(() => {
  const days = props.odds?.points ?? []
  const at = (day?: string) => (day ? x(props.scale, day) : 0)
  const from = Math.max(0, at(days[0]?.day))
  const to = Math.min(props.scale.width, at(days[days.length - 1]?.day))
  const before = from > props.scale.width - to
  return { from, to, words: before ? from - 8 : to + 8, anchor: before ? 'end' : 'start' }
})
const peaks = computed(() => {
  let free = -Infinity
  const letter = 6.4
  return props.stages.flatMap(({ species, stage }) => {
    const path = ridge(stage, props.scale, tops.value.stages + STAGES, STAGES - 12)
    if (!path || !stage.middle) return []
    const at = x(props.scale, stage.middle)
    const half = (stage.name.length * letter) / 2
    const named = at - half > free && at > half && at + half < props.scale.width
    if (named) free = at + half + letter
    return [{ species, stage, path, at, named }]
  })
})
const said = (s: Schemas['StageView']) =>
  `${s.name}: ${s.early ? sayDay(s.early) : 'never'} to ${s.late ? sayDay(s.late) : 'never'}, ` +
  `middle ${s.middle ? sayDay(s.middle) : 'never'}, in ${s.yearsReached} of ${s.years} years`
</script>

<template>
  <g>
    <AxisBars
      :bars="seeds"
      :scale="scale"
      :y="tops.seed"
      :row="row"
      :close="close"
      :movable="movable"
      @point="emit('point', 'seed', $event)"
      @pick="emit('pick', 'seed', $event)"
    />
    <g v-if="odds && curve">
      <line :x1="span.from" :x2="span.to" :y1="wanted" :y2="wanted" class="wanted" />
      <path :d="curve.area" class="area" />
      <path :d="curve.line" class="line" />
      <circle
        v-for="p in odds.points"
        :key="p.day"
        :cx="x(scale, p.day)"
        :cy="tops.odds + ODDS - ((ODDS - GAP / 2) * p.met) / odds.years"
        r="2.4"
        class="dot"
      >
        <title>Seeded {{ sayDay(p.day) }}: {{ p.met }} of {{ odds.years }} years</title>
      </circle>
      <template v-if="close">
        <text
          v-for="p in odds.points"
          :key="p.day"
          :x="Math.min(x(scale, p.day), scale.width - LETTERS)"
          :y="tops.odds + ODDS - ((ODDS - GAP / 2) * p.met) / odds.years - 6"
          text-anchor="middle"
        >
          {{ p.met }}
        </text>
      </template>
      <text :x="span.words" :y="tops.odds + ODDS - 2" :text-anchor="span.anchor">
        years of {{ odds.years }}, by day of seeding
      </text>
      <text :x="span.words" :y="wanted + 4" :text-anchor="span.anchor" class="blue">
        wanted: {{ odds.wanted }}
      </text>
    </g>
    <g v-if="peaks.length">
      <g v-for="p in peaks" :key="p.species + p.stage.name">
        <path :d="p.path" class="ridge">
          <title>{{ p.species }}, {{ said(p.stage) }}</title>
        </path>
        <text v-if="p.named" :x="p.at" :y="tops.stages + 10" text-anchor="middle">
          {{ p.stage.name }}
        </text>
      </g>
    </g>
    <AxisBars
      :bars="ends"
      :scale="scale"
      :y="tops.end"
      :row="row"
      :close="close"
      :movable="movable"
      @point="emit('point', 'end', $event)"
      @pick="emit('pick', 'end', $event)"
    />
  </g>
</template>

<style scoped>
.area {
  fill: var(--leaf-fan);
  opacity: 0.45;
}
.line {
  fill: none;
  stroke: var(--leaf);
  stroke-width: 2.2;
}
.dot {
  fill: var(--leaf);
}
.wanted {
  stroke: var(--sky);
  stroke-dasharray: 4 4;
}
.ridge {
  fill: var(--leaf);
  opacity: 0.55;
}
text {
  font-size: 11px;
  fill: var(--muted);
  paint-order: stroke;
  stroke: rgb(var(--v-theme-surface));
  stroke-width: 3px;
  pointer-events: none;
}
.blue {
  fill: var(--sky);
}
</style>
