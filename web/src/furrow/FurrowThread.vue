<script setup lang="ts">
import { computed } from 'vue'
import type { Furrow, Schemas } from '../api/client'
import { sayDay } from '../words/days'
import type { View } from './axis/zoom'
import { useKinds } from '../words/kinds'
import { marksOf } from './furrowMarks'
import FurrowStanding from './FurrowStanding.vue'
import { within, x } from './scale'
import { useFurrowScale } from './useFurrowScale'

/** A season as thin as it can be read: what stands, the window as a line, its days as points. */
const props = defineProps<{
  furrow: Furrow
  shape?: Schemas['CropShape']
  start: string
  today: string
  width: number
  height: number
  /** The part of it that is looked at; all of it where none is given. */
  view?: View
}>()
const kinds = useKinds()
/** What is left under the ground for the window, and how large a point is, px. */
const [UNDER, POINT] = [4, 3.2] as const
const { scale, whole, begins } = useFurrowScale(props)
const ground = computed(() => props.height - UNDER)
const room = computed(() => ({
  width: whole.value,
  ground: ground.value,
  height: ground.value - 1,
}))
const marks = computed(() =>
  marksOf(props.furrow, false, (ending) => !!kinds.ending(ending)?.ofItself).filter((m) =>
    within(scale.value, m.day),
  ),
)
const open = computed(() => {
  const w = props.furrow.window
  return w?.possible && !props.furrow.seededOn ? w : null
})
const said = computed(() =>
  marks.value.map((m) => `${m.label.toLowerCase()} ${sayDay(m.day)}`).join(', '),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} ${height}`"
    :width="width"
    :height="height"
    class="thread"
    role="img"
    :aria-label="`Season of ${furrow.name}: ${said}`"
  >
    <title>{{ said }}</title>
    <g :transform="`translate(${begins},0)`">
      <FurrowStanding :furrow="furrow" :shape="shape" :start="start" :room="room" />
    </g>
    <slot :scale="scale" />
    <line x1="0" :x2="width" :y1="ground" :y2="ground" class="ground" />
    <line
      v-if="open"
      :x1="x(scale, open.opens.day)"
      :x2="x(scale, open.closes.day)"
      :y1="height - 1.5"
      :y2="height - 1.5"
      class="open"
    />
    <circle
      v-for="m in marks"
      :key="m.id"
      :cx="x(scale, m.day)"
      :cy="ground"
      :r="POINT"
      :class="{ done: m.done, unsaid: m.unsaid }"
    />
    <line
      v-if="within(scale, today)"
      :x1="x(scale, today)"
      :x2="x(scale, today)"
      y1="0"
      :y2="height"
      class="today"
    />
  </svg>
</template>

<style scoped>
.thread {
  display: block;
}
.ground {
  stroke: var(--line);
  stroke-width: 1;
}
.open {
  stroke: var(--leaf);
  stroke-width: 3;
}
circle {
  fill: rgb(var(--v-theme-surface));
  stroke: var(--ink);
  stroke-width: 1.4;
}
circle.done {
  fill: var(--ink);
}
circle.unsaid {
  stroke: var(--rust);
}
.today {
  stroke: var(--rust);
  stroke-width: 1.4;
}
</style>
