<script setup lang="ts">
/** A figure with how sure it is, and a mark to reach. */
const props = defineProps<{
  low: number
  middle: number
  high: number
  most: number
  mark?: number
}>()
const x = (v: number) => 6 + (308 * Math.min(v, props.most)) / props.most
</script>

<template>
  <svg viewBox="0 0 320 34" role="img" aria-label="The figure and how sure it is">
    <line x1="6" x2="314" y1="17" y2="17" class="rule" />
    <line :x1="x(low)" :x2="x(high)" y1="17" y2="17" class="interval" />
    <circle :cx="x(middle)" cy="17" r="6" class="dot" />
    <line v-if="mark !== undefined" :x1="x(mark)" :x2="x(mark)" y1="4" y2="30" class="mark" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
}
.rule {
  stroke: var(--rule);
  stroke-width: 2;
}
.interval {
  stroke: var(--leaf-fan);
  stroke-width: 12;
  stroke-linecap: round;
}
.dot {
  fill: var(--leaf);
}
.mark {
  stroke: var(--rust);
  stroke-width: 2.5;
}
</style>
