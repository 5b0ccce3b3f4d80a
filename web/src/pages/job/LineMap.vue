<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'

/** Swath lines drawn to shape, numbered where there is room. */
const props = defineProps<{ lines: Schemas['Lines'] }>()
const W = 520

const frame = computed(() => {
  const all = props.lines.lines.flatMap((l) => l.points)
  const lon = all.map((p) => p[0]!)
  const lat = all.map((p) => p[1]!)
  const west = Math.min(...lon)
  const east = Math.max(...lon)
  const south = Math.min(...lat)
  const north = Math.max(...lat)
  const squeeze = Math.cos((((north + south) / 2) * Math.PI) / 180)
  const scale = (W - 24) / Math.max((east - west) * squeeze, (north - south) * 1.4)
  return {
    x: (d: number) => 12 + (d - west) * squeeze * scale,
    y: (d: number) => 12 + (north - d) * scale,
    height: 24 + (north - south) * scale,
  }
})
function path(line: Schemas['Line']): string {
  return (
    'M' +
    line.points
      .map((p) => `${frame.value.x(p[0]!).toFixed(1)},${frame.value.y(p[1]!).toFixed(1)}`)
      .join('L')
  )
}
const swaths = computed(() => props.lines.lines.filter((l) => l.kind === 'swath'))
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${frame.height}`"
    role="img"
    :aria-label="`${swaths.length} swaths over ${lines.name}`"
  >
    <path v-for="(l, i) in lines.lines" :key="i" :d="path(l)" :class="l.kind" />
    <circle
      v-if="swaths.length"
      :cx="frame.x(swaths[0]!.points[0]![0]!)"
      :cy="frame.y(swaths[0]!.points[0]![1]!)"
      r="5"
      class="start"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  background: color-mix(in srgb, var(--soil-band) 30%, transparent);
}
.swath {
  fill: none;
  stroke: var(--leaf);
  stroke-width: 1.4;
}
.round {
  fill: none;
  stroke: var(--line);
  stroke-width: 1.8;
  stroke-dasharray: 6 3;
}
.start {
  fill: var(--rust);
}
</style>
