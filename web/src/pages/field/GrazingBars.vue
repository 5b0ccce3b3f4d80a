<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { between, months, sayDay } from '../../words/days'

/** Stays along the cover's days; what is barred is crossed out. */
const props = defineProps<{ from: string; to: string; groups: Schemas['GroupView'][] }>()
const [W, ROW, NAMES, FOOT] = [560, 24, 110, 20]
const first = computed(() => props.groups.reduce((d, g) => (g.inOn < d ? g.inOn : d), props.from))
const last = computed(() => props.groups.reduce((d, g) => (g.outOn > d ? g.outOn : d), props.to))
const span = computed(() => Math.max(1, between(first.value, last.value)))
const x = (day: string) => NAMES + (between(first.value, day) / span.value) * (W - NAMES - 8)
const height = computed(() => props.groups.length * ROW + FOOT)
/** As much of a name as stands left of the bars. */
const ROOM = 17
function short(g: Schemas['GroupView']) {
  const name = `${g.head} ${g.name}`
  return name.length > ROOM ? `${name.slice(0, ROOM - 1)}…` : name
}
const ticks = computed(() => months(first.value, last.value))
const said = computed(() =>
  props.groups.map((g) => `${g.name} ${sayDay(g.inOn)} to ${sayDay(g.outOn)}`).join('; '),
)
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${height}`" role="img" :aria-label="said">
    <rect
      :x="x(from)"
      :width="Math.max(0, x(to) - x(from))"
      y="0"
      :height="groups.length * ROW"
      class="cover"
    />
    <g v-for="(g, i) in groups" :key="g.id">
      <text :x="NAMES - 8" :y="i * ROW + 16" text-anchor="end">{{ short(g) }}</text>
      <rect
        :x="x(g.inOn)"
        :width="Math.max(3, x(g.outOn) - x(g.inOn))"
        :y="i * ROW + 5"
        :height="ROW - 10"
        :class="g.hungry ? 'short' : 'fed'"
      />
      <g v-for="(b, k) in g.barred" :key="k" class="barred">
        <line :x1="x(b.from)" :x2="x(b.to)" :y1="i * ROW + 4" :y2="i * ROW + ROW - 4" />
        <line :x1="x(b.from)" :x2="x(b.to)" :y1="i * ROW + ROW - 4" :y2="i * ROW + 4" />
      </g>
    </g>
    <text v-for="m in ticks" :key="m.day" :x="x(m.day)" :y="height - 5">{{ m.name }}</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 640px;
  margin: 8px 0;
}
.cover {
  fill: var(--leaf-fan);
  opacity: 0.35;
}
.fed {
  fill: var(--leaf);
}
.short {
  fill: var(--plate);
  stroke: var(--rust);
  stroke-width: 1.5;
  stroke-dasharray: 4 2;
}
.barred line {
  stroke: var(--rust);
  stroke-width: 2;
}
text {
  font-size: 11px;
  fill: var(--muted);
}
</style>
