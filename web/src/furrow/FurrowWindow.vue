<script setup lang="ts">
import { computed } from 'vue'
import type { Furrow, Reason } from '../api/client'
import { sayDay } from '../words/days'
import { within, x, type DayScale } from './scale'

/** When the field is open to seed: full while it is good, hatched while it is late. */
const props = defineProps<{
  window: NonNullable<Furrow['window']>
  scale: DayScale
  ground: number
  large?: boolean
}>()
const emit = defineEmits<{ edge: [reason: Reason | null] }>()
const LEAST_WIDE = 3
const EDGES = ['opens', 'closes'] as const
const at = (day: string) => Math.max(0, Math.min(props.scale.width, x(props.scale, day)))
const place = computed(() => {
  const opens = at(props.window.opens.day)
  return {
    opens,
    best: Math.max(opens, at(props.window.bestUntil.day)),
    closes: Math.max(Math.min(props.scale.width, opens + LEAST_WIDE), at(props.window.closes.day)),
  }
})
</script>

<template>
  <g>
    <defs>
      <pattern
        id="late"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="2.4" height="6" class="best" />
      </pattern>
    </defs>
    <rect
      :x="place.opens"
      :width="Math.max(0, place.best - place.opens)"
      :y="ground + 1"
      :height="large ? 11 : 6"
      class="best"
    />
    <rect
      :x="place.best"
      :width="Math.max(0, place.closes - place.best)"
      :y="ground + 1"
      :height="large ? 11 : 6"
      fill="url(#late)"
    />
    <path
      v-for="edge in EDGES.filter((e) => within(scale, window[e].day))"
      :key="edge"
      :d="`M${place[edge]},${ground - 9}v${large ? 22 : 17}`"
      class="edge"
      tabindex="0"
      :aria-label="`${edge} ${sayDay(window[edge].day)}`"
      @mouseenter="emit('edge', window[edge].reason)"
      @focus="emit('edge', window[edge].reason)"
      @mouseleave="emit('edge', null)"
      @blur="emit('edge', null)"
    >
      <title>{{ edge }} {{ sayDay(window[edge].day) }}</title>
    </path>
  </g>
</template>

<style scoped>
.best {
  fill: var(--leaf);
  opacity: 0.75;
}
.edge {
  stroke: var(--ink);
  stroke-width: 1.6;
  fill: none;
}
.edge:focus-visible {
  outline: none;
  stroke: var(--sky);
  stroke-width: 3;
}
</style>
