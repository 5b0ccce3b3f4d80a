<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { shown, unitName } from '../../words/units'
import { against, leaves } from './against'

/** Records as dots, what was said to the right and what came upwards; alike lies on the dashes. */
const props = defineProps<{ learnt: Schemas['LearntView'] }>()
const session = useSession()
const SIDE = 250
const LEFT = 58
const TOP = 10
const BOTTOM = 40
const RADIUS = 5
const say = (value: number) => session.amount(value, props.learnt.unit)
const unit = computed(() => unitName(props.learnt.unit, session.units))
const inUnits = (value: number) => shown(value, props.learnt.unit, session.units)
const square = computed(() =>
  against(props.learnt.records.flatMap((r) => [inUnits(r.predicted), inUnits(r.actual)])),
)
const x = (share: number) => LEFT + SIDE * share
const y = (share: number) => TOP + SIDE * (1 - share)
const to = (slope: number) => {
  const [right, up] = leaves(slope)
  return `${x(right)},${y(up)}`
}
const fan = computed(() => {
  const { low, high } = props.learnt.correction
  const corner = low < 1 && high > 1 ? ` ${to(1)}` : ''
  return `${x(0)},${y(0)} ${to(high)}${corner} ${to(low)}`
})
const end = (slope: number) => {
  const [right, up] = leaves(slope)
  return { x2: x(right), y2: y(up) }
}
const dots = computed(() =>
  props.learnt.records.map((r) => ({
    x: x(square.value.at(inUnits(r.predicted))),
    y: y(square.value.at(inUnits(r.actual))),
    usual: r.usual,
    title: `${r.field}, ${sayDay(r.on)} ${r.on.slice(0, 4)}: said ${say(r.predicted)}, came ${say(r.actual)}`,
  })),
)
const label = computed(
  () => `${props.learnt.label}: ${props.learnt.records.length} records, said against come`,
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${LEFT + SIDE + 14} ${TOP + SIDE + BOTTOM}`"
    role="img"
    :aria-label="label"
    class="against"
  >
    <g v-for="t in square.ticks" :key="t">
      <line :x1="x(0)" :x2="x(1)" :y1="y(square.at(t))" :y2="y(square.at(t))" class="rule" />
      <text :x="LEFT - 6" :y="y(square.at(t)) + 4" text-anchor="end">
        {{ t.toLocaleString('en-US') }}
      </text>
      <text :x="x(square.at(t))" :y="TOP + SIDE + 16" text-anchor="middle">
        {{ t.toLocaleString('en-US') }}
      </text>
    </g>
    <text :x="LEFT + SIDE" :y="TOP + SIDE + 34" text-anchor="end" class="axis">
      said, {{ unit }} →
    </text>
    <text :x="x(0) + 6" :y="TOP + 12" class="axis">↑ came</text>
    <polygon v-if="learnt.correction.n" :points="fan" class="fan" />
    <line :x1="x(0)" :y1="y(0)" v-bind="end(1)" class="alike" />
    <line
      v-if="learnt.correction.n"
      :x1="x(0)"
      :y1="y(0)"
      v-bind="end(learnt.correction.factor)"
      class="learnt"
    />
    <circle
      v-for="(d, i) in dots"
      :key="i"
      :cx="d.x"
      :cy="d.y"
      :r="RADIUS"
      :class="{ odd: !d.usual }"
    >
      <title>{{ d.title }}</title>
    </circle>
  </svg>
</template>

<style scoped>
.against {
  width: 100%;
  max-width: 330px;
}
text {
  font-size: 11px;
  fill: rgb(var(--v-theme-on-surface));
}
.axis {
  font-style: italic;
}
.rule {
  stroke: var(--rule);
}
.fan {
  fill: var(--leaf);
  opacity: 0.16;
}
.alike {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-dasharray: 5 5;
}
.learnt {
  stroke: var(--leaf);
  stroke-width: 2.5;
}
circle {
  fill: var(--sky);
  stroke: rgb(var(--v-theme-surface));
}
circle.odd {
  fill: none;
  stroke: var(--sky);
}
</style>
