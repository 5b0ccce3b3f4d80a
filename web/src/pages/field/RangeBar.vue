<script setup lang="ts">
import { computed } from 'vue'
import { along, bar, type Reach } from '../../money/beam'

/** An amount from the middle line with the range it may lie in. */
const props = defineProps<{ reach: Reach; low: number; middle: number; high: number }>()
const W = 200
const x = (value: number) => along(props.reach, value) * W
const middle = computed(() => bar(props.reach, props.middle))
</script>

<template>
  <svg :viewBox="`-1 0 ${W + 2} 14`" preserveAspectRatio="none" aria-hidden="true">
    <rect
      :x="middle.from * W"
      :width="middle.size * W"
      y="3"
      height="8"
      :class="props.middle < 0 ? 'costs' : 'brings'"
    />
    <line v-if="high > low" :x1="x(low)" :x2="x(high)" y1="7" y2="7" class="range" />
    <line v-if="high > low" :x1="x(low)" :x2="x(low)" y1="4" y2="10" class="range" />
    <line v-if="high > low" :x1="x(high)" :x2="x(high)" y1="4" y2="10" class="range" />
    <line :x1="x(0)" :x2="x(0)" y1="0" y2="14" class="nought" />
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
  fill: var(--leaf-fan);
}
.range,
.nought {
  stroke: var(--ink);
  vector-effect: non-scaling-stroke;
}
.range {
  stroke-width: 1.4;
}
</style>
