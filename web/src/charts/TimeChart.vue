<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, useTemplateRef } from 'vue'
import { between, months } from '../words/days'

/** A frame for charts over days: months below, round values at the left, the rest in the slot. */
const props = defineProps<{
  from: string
  to: string
  height: number
  /** Values with their labels, lowest first. */
  ticks: { value: number; label: string }[]
  /** What the picture says, for those who do not see it. */
  label: string
  /** Room for names at the left. */
  gutter?: number
}>()

const LEFT = props.gutter ?? 58
const RIGHT = 8
const TOP = 10
const BOTTOM = 22

const holder = useTemplateRef<HTMLElement>('holder')
const width = ref(640)
let observer: ResizeObserver | undefined
onMounted(() => {
  observer = new ResizeObserver((e) => (width.value = Math.max(260, e[0]?.contentRect.width ?? 0)))
  if (holder.value) observer.observe(holder.value)
})
onBeforeUnmount(() => observer?.disconnect())

const days = computed(() => Math.max(1, between(props.from, props.to)))
const top = computed(() => props.ticks.at(-1)?.value || 1)
const floor = computed(() => props.ticks[0]?.value ?? 0)
const ground = computed(() => props.height - BOTTOM)

function x(day: string): number {
  return LEFT + ((width.value - LEFT - RIGHT) * between(props.from, day)) / days.value
}
function y(value: number): number {
  const share = (value - floor.value) / (top.value - floor.value)
  return TOP + (ground.value - TOP) * (1 - Math.max(-0.02, Math.min(1.02, share)))
}
const named = computed(() => months(props.from, props.to))
const apart = computed(() => (width.value - LEFT) / Math.max(1, named.value.length))
</script>

<template>
  <div ref="holder" class="chart">
    <svg :width="width" :height="height" role="img" :aria-label="label">
      <g v-for="t in ticks" :key="t.value">
        <line :x1="LEFT" :x2="width - RIGHT" :y1="y(t.value)" :y2="y(t.value)" class="rule" />
        <text :x="LEFT - 7" :y="y(t.value) + 4" text-anchor="end">{{ t.label }}</text>
      </g>
      <g v-for="t in named" :key="t.day">
        <line :x1="x(t.day)" :x2="x(t.day)" :y1="TOP" :y2="ground + 5" class="rule" />
        <text v-if="x(t.day) < width - 28" :x="x(t.day) + 4" :y="height - 6">
          {{ apart < 34 ? t.name.charAt(0) : t.name }}
        </text>
      </g>
      <slot :x="x" :y="y" :left="LEFT" :right="width - RIGHT" :top="TOP" :ground="ground" />
    </svg>
  </div>
</template>

<style scoped>
.chart {
  width: 100%;
  overflow: hidden;
}
svg {
  display: block;
}
.rule {
  stroke: var(--rule);
}
.chart :deep(text) {
  font-size: 12px;
  fill: var(--muted);
}
</style>
