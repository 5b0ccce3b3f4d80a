<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../session'
import { along, stacked, type Reach } from './beam'

/** Parts end to end from the middle line, with all of it as a needle. */
const props = defineProps<{
  reach: Reach
  parts: { key: string; label: string; usd: number }[]
  net: number
}>()
const session = useSession()
const W = 360
const H = 22
const money = (usd: number) => session.amount(usd, 'USD_PER_HA')
const label = (key: string) => props.parts.find((p) => p.key === key)?.label ?? key
const pieces = computed(() =>
  stacked(props.reach, props.parts).map((p) => ({
    key: p.key,
    x: p.from * W,
    width: p.size * W,
    said: `${label(p.key)} ${money(p.usd)}`,
  })),
)
const x = (usd: number) => along(props.reach, usd) * W
</script>

<template>
  <svg
    :viewBox="`-2 0 ${W + 4} ${H}`"
    preserveAspectRatio="none"
    role="img"
    :aria-label="pieces.map((p) => p.said).join('; ')"
  >
    <rect
      v-for="p in pieces"
      :key="p.key"
      :x="p.x"
      :width="p.width"
      y="4"
      :height="H - 8"
      :class="p.key"
    >
      <title>{{ p.said }}</title>
    </rect>
    <line :x1="x(0)" :x2="x(0)" y1="0" :y2="H" class="nought" />
    <line :x1="x(net)" :x2="x(net)" y1="0" :y2="H" class="net" />
  </svg>
</template>

<style scoped src="./parts.css"></style>
<style scoped>
svg {
  width: 100%;
  min-width: 120px;
  height: 22px;
  display: block;
}
rect {
  stroke: var(--plate);
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
}
.nought {
  stroke: var(--ink);
  stroke-dasharray: 3 3;
  vector-effect: non-scaling-stroke;
}
.net {
  stroke: var(--ink);
  stroke-width: 3;
  vector-effect: non-scaling-stroke;
}
</style>
