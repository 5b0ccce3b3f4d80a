<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { plus, sayDay } from '../../words/days'
import { DRY_MM } from '../rain'
import { x, type DayScale } from '../scale'

/** Rain that fell, days that may be wet, the days of the killing frost and of harvest. */
const props = defineProps<{
  sky: Schemas['Sky']
  start: string
  today: string
  harvest?: { early?: string; middle?: string; late?: string }
  scale: DayScale
  /** How deep what spans days reaches down. */
  height: number
  /** A measure of rain, in the reader's unit. */
  rain: (mm: number) => string
}>()
/** Px a mm takes, and at most; how tall a day is that is wet in all ways. */
const [PER_MM, MOST, SURE] = [0.9, 30, 22] as const
const day = computed(() => props.scale.width / props.scale.days)
const seen = (at: number) => at + day.value > 0 && at < props.scale.width
const drops = computed(() =>
  props.sky.rainMm.flatMap((mm, i) => {
    const on = plus(props.start, i)
    const at = x(props.scale, on)
    return mm < DRY_MM || !seen(at)
      ? []
      : [{ on, at, tall: Math.min(MOST, mm * PER_MM), said: props.rain(mm) }]
  }),
)
const ahead = computed(() =>
  props.sky.wetShare.flatMap((share, i) => {
    const on = plus(props.today, i + 1)
    const at = x(props.scale, on)
    return share > 0 && seen(at)
      ? [{ on, at, tall: share * SURE, said: Math.round(10 * share) }]
      : []
  }),
)
/** Behind the last mark of rain, where there is room. */
const wordsAt = computed(() => {
  const last = Math.max(0, ...[...drops.value, ...ahead.value].map((d) => d.at + day.value + 5))
  return Math.min(last, props.scale.width - 170)
})
const spans = computed(() => {
  const all = [
    {
      key: 'frost',
      name: 'killing frost',
      from: props.sky.frostEarly,
      to: props.sky.frostLate,
      middle: props.sky.frostMiddle,
    },
    {
      key: 'harvest',
      name: 'harvest',
      from: props.harvest?.early,
      to: props.harvest?.late,
      middle: props.harvest?.middle,
    },
  ]
  return all.flatMap((s) => {
    if (!s.from || !s.to || !s.middle || s.from === s.to) return []
    const [left, right] = [x(props.scale, s.from), x(props.scale, plus(s.to, 1))]
    const shown = right > 0 && left < props.scale.width
    return shown ? [{ ...s, left, right, at: x(props.scale, s.middle) }] : []
  })
})
const said = (s: { name: string; from?: string; middle?: string; to?: string }) =>
  `${s.name}: ${sayDay(s.from!)} to ${sayDay(s.to!)} in 8 years of 10, middle ${sayDay(s.middle!)}`
const wide = computed(() => Math.max(1.4, Math.min(10, day.value * 0.55)))
</script>

<template>
  <g>
    <g v-for="s in spans" :key="s.key" :class="['span', s.key]">
      <rect :x="s.left" :width="s.right - s.left" y="0" :height="height">
        <title>{{ said(s) }}</title>
      </rect>
      <line :x1="s.at" :x2="s.at" y1="0" :y2="height" />
      <text :x="s.at + 4" :y="s.key === 'frost' ? 25 : 39">{{ s.name }}</text>
    </g>
    <text v-if="drops.length || ahead.length" :x="wordsAt" y="11">
      {{ ahead.length ? 'rain, and days that may be wet' : 'rain' }}
    </text>
    <line
      v-for="d in drops"
      :key="d.on"
      :x1="d.at + day / 2"
      :x2="d.at + day / 2"
      y1="0"
      :y2="d.tall"
      class="rain"
      :stroke-width="wide"
    >
      <title>{{ d.said }} on {{ sayDay(d.on) }}</title>
    </line>
    <rect
      v-for="d in ahead"
      :key="d.on"
      :x="d.at + day / 2 - wide / 2"
      :width="wide"
      y="0.5"
      :height="d.tall"
      class="maybe"
    >
      <title>{{ sayDay(d.on) }}: wet in {{ d.said }} ways of 10</title>
    </rect>
  </g>
</template>

<style scoped>
.rain {
  stroke: var(--sky);
}
.maybe {
  fill: none;
  stroke: var(--sky);
}
.span rect {
  fill: var(--sky);
  opacity: 0.1;
}
.span.harvest rect {
  fill: var(--crop-straw);
  opacity: 0.35;
}
.span line {
  stroke: var(--sky);
  stroke-dasharray: 2 4;
  opacity: 0.7;
}
.span.harvest line {
  stroke: var(--line);
}
text {
  font-size: 11px;
  fill: var(--muted);
  paint-order: stroke;
  stroke: rgb(var(--v-theme-surface));
  stroke-width: 3px;
  pointer-events: none;
}
</style>
