<script setup lang="ts">
import { computed } from 'vue'
import { along, bar, type Reach } from './beam'

/** One amount from the middle line: as planned an outline, as it came filled. */
const props = defineProps<{ reach: Reach; planned?: number; came?: number }>()
const W = 200
const H = 14
const at = (usd: number) => {
  const b = bar(props.reach, usd)
  return { x: b.from * W, width: Math.max(b.size * W, usd === 0 ? 0 : 1.5) }
}
const nought = computed(() => along(props.reach, 0) * W)
const planned = computed(() => (props.planned === undefined ? null : at(props.planned)))
const came = computed(() => (props.came === undefined ? null : at(props.came)))
</script>

<template>
  <svg :viewBox="`-1 0 ${W + 2} ${H}`" preserveAspectRatio="none" aria-hidden="true">
    <rect
      v-if="came"
      v-bind="came"
      :y="3"
      :height="H - 6"
      :class="(props.came ?? 0) < 0 ? 'costs' : 'brings'"
    />
    <rect
      v-if="planned"
      v-bind="planned"
      :y="1"
      :height="H - 2"
      class="meant"
      :class="(props.planned ?? 0) < 0 ? 'costs' : 'brings'"
    />
    <line :x1="nought" :x2="nought" y1="0" :y2="H" class="nought" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  min-width: 90px;
  height: 14px;
  display: block;
}
.costs {
  fill: var(--rust);
}
.brings {
  fill: var(--leaf);
}
.meant {
  fill: none;
  stroke-width: 1.4;
  vector-effect: non-scaling-stroke;
}
.meant.costs {
  stroke: var(--rust);
}
.meant.brings {
  stroke: var(--leaf);
}
.nought {
  stroke: var(--ink);
  vector-effect: non-scaling-stroke;
}
</style>
