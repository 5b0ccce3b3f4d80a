<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { x, type DayScale } from '../scale'

/** Hours of the next days by work: full where it goes, half where with care; rain and ground. */
const props = defineProps<{ hours: readonly Schemas['HourView'][]; scale: DayScale; y: number }>()
const WORKS = [
  ['drilling', 'drill, plant'],
  ['spraying', 'spray'],
  ['rolling', 'roll'],
  ['air', 'fly'],
] as const
/** A lane's height, a cell's full height, its name's over it, a day's hours, every so many named. */
const [LANE, FULL, NAME, DAY, NAMED] = [32, 13, 13, 24, 6] as const
const placed = computed(() =>
  props.hours.flatMap((hour) => {
    const at = Number(hour.time.slice(11, 13))
    const left = x(props.scale, hour.time.slice(0, 10)) + (at / DAY) * cell.value * DAY
    return left + cell.value > 0 && left < props.scale.width ? [{ hour, at, left }] : []
  }),
)
const cell = computed(() => props.scale.width / props.scale.days / DAY)
const tall = (verdict: string) => (verdict === 'go' ? FULL : verdict === 'marginal' ? FULL / 2 : 2)
const said = (h: Schemas['HourView'], work: (typeof WORKS)[number][0]) =>
  `${h.time.slice(11, 16)}: ${h[work].verdict}${h[work].limit ? `, ${h[work].limit}` : ''}`
</script>

<template>
  <g>
    <g v-for="([work, name], i) in WORKS" :key="work">
      <rect
        v-for="p in placed"
        :key="p.hour.time"
        :x="p.left"
        :width="Math.max(1, cell - 1)"
        :y="y + i * LANE + NAME + FULL - tall(p.hour[work].verdict)"
        :height="tall(p.hour[work].verdict)"
        :class="p.hour[work].verdict"
      >
        <title>{{ said(p.hour, work) }}</title>
      </rect>
      <text v-if="placed.length" x="4" :y="y + i * LANE + NAME - 3">{{ name }}</text>
    </g>
    <text v-if="!placed.length" :x="scale.width / 2" :y="y + LANE" text-anchor="middle">
      Hours are known for the three days from today on.
    </text>
    <g class="clock" aria-hidden="true">
      <text
        v-for="p in placed.filter((h) => h.at % NAMED === 0)"
        :key="p.hour.time"
        :x="p.left + 2"
        :y="y + WORKS.length * LANE + 8"
      >
        {{ p.at }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.go {
  fill: var(--leaf);
}
.marginal {
  fill: var(--leaf-fan);
}
.no {
  fill: var(--rule);
}
text {
  font-size: 11.5px;
  fill: var(--ink);
}
.clock text {
  fill: var(--muted);
}
</style>
