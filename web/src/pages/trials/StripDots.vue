<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../../session'
import { line } from '../../charts/axes'
import { dotsOf, letter, shares, type TrialView } from './strips'

/** Each strip as a dot over its treatment, blocks joined; bars are the means as they count. */
const props = defineProps<{ trial: TrialView; result: TrialView['results'][number] }>()
const session = useSession()
const H = 190
const TOP = 22
const STEP = 96
const LEFT = 30
const dots = computed(() => dotsOf(props.trial, props.result.key))
const share = computed(() => shares(dots.value.map((d) => d.value)))
const x = (treatment: number) => LEFT + STEP * (treatment + 0.5)
const y = (value: number) => TOP + (1 - share.value(value)) * (H - TOP - 14)
const blocks = computed(() =>
  [...new Set(dots.value.map((d) => d.block))].map((b) =>
    line(
      props.trial.treatments.map((_, t) => {
        const dot = dots.value.find((d) => d.block === b && d.treatment === t)
        return dot ? ([x(t), y(dot.value)] as const) : null
      }),
    ),
  ),
)
const means = computed(() =>
  props.result.treatments.map((m) => ({
    ...m,
    at: props.trial.treatments.findIndex((t) => t.name === m.name),
  })),
)
const say = (value: number) => session.amount(value, props.result.unit)
</script>

<template>
  <svg
    :viewBox="`0 0 ${LEFT + STEP * trial.treatments.length + 10} ${H + 22}`"
    role="img"
    :aria-label="`${result.label}: ${means.map((m) => `${m.name} ${say(m.mean)}`).join(', ')}`"
    :style="{ maxWidth: `${LEFT + STEP * trial.treatments.length + 10}px` }"
  >
    <path v-for="(b, i) in blocks" :key="i" :d="b" class="block" />
    <g v-for="m in means" :key="m.name">
      <line :x1="x(m.at) - 26" :x2="x(m.at) + 26" :y1="y(m.mean)" :y2="y(m.mean)" class="mean" />
      <text :x="x(m.at)" y="12" class="said">{{ say(m.mean) }}</text>
      <text :x="x(m.at)" :y="H + 16">{{ letter(m.at) }}</text>
    </g>
    <circle v-for="d in dots" :key="d.n" :cx="x(d.treatment)" :cy="y(d.value)" r="4">
      <title>Strip {{ d.n }}, block {{ d.block }}: {{ say(d.value) }}</title>
    </circle>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
}
text {
  text-anchor: middle;
  font-size: 12px;
  font-weight: 600;
  fill: rgb(var(--v-theme-on-surface));
}
.block {
  fill: none;
  stroke: var(--line);
  opacity: 0.6;
}
.mean {
  stroke: var(--leaf);
  stroke-width: 4;
}
circle {
  fill: var(--sky);
  stroke: rgb(var(--v-theme-surface));
}
</style>
