<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Furrow, PlanInput, Reason, Schemas } from '../api/client'
import type { View } from './axis/zoom'
import { sayDay } from '../words/days'
import { useKinds } from '../words/kinds'
import { harvested, marksOf } from './furrowMarks'
import FurrowMark from './FurrowMark.vue'
import FurrowStanding from './FurrowStanding.vue'
import FurrowWindow from './FurrowWindow.vue'
import { within, x } from './scale'
import { useFurrowScale } from './useFurrowScale'
import { useMoving } from './useMoving'

/** A field's season: crop, cover and next crop as they stand, the window below, the marks to move. */
const props = defineProps<{
  furrow: Furrow
  shape?: Schemas['CropShape']
  start: string
  today: string
  width: number
  height: number
  movable: boolean
  proposed?: boolean
  large?: boolean
  /** The part of it that is looked at; all of it where none is given. */
  view?: View
}>()
const emit = defineEmits<{
  move: [plan: PlanInput]
  keep: []
  drop: []
  edge: [reason: Reason | null]
}>()

const kinds = useKinds()
const { scale, whole, begins } = useFurrowScale(props)
const ground = computed(() => props.height - (props.large ? 26 : 16))
const room = computed(() => ({
  width: whole.value,
  ground: ground.value,
  height: ground.value - (props.large ? 30 : 8),
}))
const window = computed(() => {
  const w = props.furrow.window
  return w?.possible && !props.furrow.seededOn ? w : null
})
const cut = computed(() => harvested(props.furrow))
const marks = computed(() =>
  marksOf(props.furrow, props.movable, (ending) => !!kinds.ending(ending)?.ofItself).filter(
    (m) => !props.view || within(scale.value, m.day),
  ),
)

const svg = ref<SVGSVGElement>()
const { down, drag, release, key } = useMoving(
  svg,
  scale,
  computed(() => props.furrow.plan?.plan),
  {
    move: (plan) => emit('move', plan),
    keep: () => emit('keep'),
    drop: () => emit('drop'),
  },
)
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${width} ${height}`"
    :width="width"
    :height="height"
    :class="['furrowstrip', { part: view }]"
    role="group"
    :aria-label="`Season of ${furrow.name}`"
  >
    <slot name="behind" :scale="scale" />
    <g :transform="`translate(${begins},0)`">
      <FurrowStanding :furrow="furrow" :shape="shape" :start="start" :room="room" />
    </g>
    <rect :y="ground" x="0" :width="width" :height="large ? 12 : 7" class="soil" />
    <line x1="0" :x2="width" :y1="ground" :y2="ground" class="ground" />

    <FurrowWindow
      v-if="window"
      :window="window"
      :scale="scale"
      :ground="ground"
      :large="large"
      @edge="emit('edge', $event)"
    />

    <path
      v-if="cut && within(scale, cut.day)"
      :d="`M${x(scale, cut.day)},${ground}v-18m-5,0h10`"
      :class="['cut', { likely: cut.state === 'LIKELY' }]"
    >
      <title>Harvest {{ sayDay(cut.day) }}{{ cut.state === 'LIKELY' ? ', likely' : '' }}</title>
    </path>
    <line
      v-if="within(scale, today)"
      :x1="x(scale, today)"
      :x2="x(scale, today)"
      y1="0"
      :y2="height"
      class="today"
    />

    <slot name="over" :scale="scale" />
    <FurrowMark
      v-for="m in marks"
      :key="m.id"
      :transform="`translate(${x(scale, m.day)},${ground}) scale(${large ? 1.25 : 1})`"
      :mark="m"
      :field="furrow.name"
      :start="scale.start"
      :days="scale.days"
      :accepted="furrow.plan?.plan.status === 'accepted'"
      :proposed="proposed"
      @pointerdown="down(m, $event)"
      @pointermove="drag"
      @pointerup="release"
      @pointercancel="release"
      @keydown="key(m, $event)"
    />
  </svg>
</template>

<style scoped>
.furrowstrip {
  display: block;
  overflow: visible;
  touch-action: pan-y;
}
.part {
  overflow: hidden;
}
.cut {
  fill: none;
  stroke: var(--soil);
  stroke-width: 1.5;
}
.cut.likely {
  stroke-dasharray: 3 2;
  opacity: 0.6;
}
.soil {
  fill: var(--soil-band);
}
.ground {
  stroke: var(--line);
  stroke-width: 1.5;
}
.today {
  stroke: var(--rust);
  stroke-width: 1.4;
}
</style>
