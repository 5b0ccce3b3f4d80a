<script setup lang="ts">
import { computed } from 'vue'
import { jobBars, type Job } from './jobBars'
import type { DayScale } from './scale'

/** A field's jobs over its furrow: dashed as they are meant, full as far as they are done. */
const props = defineProps<{ jobs: readonly Job[]; scale: DayScale; named?: boolean }>()
/** A bar's height, a lane's, and the first one's top, px. */
const [TALL, LANE, TOP] = [7, 12, 3] as const
const bars = computed(() => jobBars(props.jobs, props.scale))
const y = (lane: number) => TOP + lane * (props.named ? LANE : 0)
</script>

<template>
  <g v-for="b in bars" :key="b.id" class="furrowjob">
    <rect :x="b.left" :y="y(b.lane)" :width="b.width" :height="TALL" rx="2" class="meant">
      <title>{{ b.said }}</title>
    </rect>
    <rect
      v-if="b.done"
      :x="b.left"
      :y="y(b.lane)"
      :width="b.done"
      :height="TALL"
      rx="2"
      class="done"
    />
    <text
      v-if="named"
      :x="b.before ? b.left - 3 : b.left + b.width + 3"
      :y="y(b.lane) + TALL"
      :text-anchor="b.before ? 'end' : 'start'"
    >
      {{ b.name }}
    </text>
  </g>
</template>

<style scoped>
.meant {
  fill: rgb(var(--v-theme-surface));
  stroke: var(--soil);
  stroke-dasharray: 3 2;
}
.done {
  fill: var(--soil);
}
text {
  font-size: 11px;
  fill: var(--ink);
  paint-order: stroke;
  stroke: rgb(var(--v-theme-background));
  stroke-width: 3px;
}
</style>
