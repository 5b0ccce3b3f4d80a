<script setup lang="ts">
import { computed } from 'vue'
import type { SeasonView } from '../../api/client'
import { useSession } from '../../session'
import { months, plus } from '../../words/days'
import { DRY_MM } from '../../furrow/rain'
import { within, x } from '../../furrow/scale'

const props = defineProps<{
  view: SeasonView
  labelWidth: number
  width: number
  narrow: boolean
}>()
const session = useSession()
const HEIGHT = 62
const BASE = 56
const TOP = 20
const scale = computed(() => ({ start: props.view.start, days: 56 * 7, width: props.width }))
const ticks = computed(() => months(props.view.start, plus(props.view.start, 56 * 7 - 6)))
const y = (celsius: number) => BASE - ((celsius + 18) / 50) * (BASE - TOP)
const step = computed(() => props.width / 56)
const fan = computed(() => {
  const w = props.view.weather
  if (!w) return ''
  const go = (v: number[]) =>
    v.map((c, i) => `${((i + 0.5) * step.value).toFixed(1)},${y(c).toFixed(1)}`)
  return `M${go(w.highC).join('L')}L${go(w.lowC).reverse().join('L')}Z`
})
const middle = computed(() => {
  const w = props.view.weather
  return w
    ? 'M' +
        w.middleC
          .map((c, i) => `${((i + 0.5) * step.value).toFixed(1)},${y(c).toFixed(1)}`)
          .join('L')
    : ''
})
const rain = computed(() =>
  (props.view.weather?.rainMm ?? []).flatMap((mm, i) => {
    if (mm < DRY_MM) return []
    const at = ((i + 0.5) / 392) * props.width
    return [`M${at.toFixed(1)},${BASE}v${(-Math.min(34, mm * 0.8)).toFixed(1)}`]
  }),
)
</script>

<template>
  <div class="axis" :style="{ paddingLeft: narrow ? '0' : labelWidth + 8 + 'px' }">
    <div v-if="!narrow && view.weather" class="words muted" :style="{ width: labelWidth + 'px' }">
      rain and warmth as seen, then<br />what {{ view.years }} years say to expect
    </div>
    <svg
      :width="width"
      :height="HEIGHT"
      role="img"
      aria-label="Months, rain seen so far and warmth to expect"
    >
      <path :d="fan" class="fan" />
      <path :d="middle" class="middle" />
      <path :d="rain.join('')" class="rain" />
      <g v-for="t in ticks" :key="t.day">
        <line :x1="x(scale, t.day)" :x2="x(scale, t.day)" y1="4" :y2="HEIGHT" class="tick" />
        <text :x="x(scale, t.day) + 4" y="14">{{ narrow ? t.name.charAt(0) : t.name }}</text>
      </g>
      <g>
        <line
          v-if="within(scale, view.farm.today)"
          :x1="x(scale, view.farm.today)"
          :x2="x(scale, view.farm.today)"
          y1="0"
          :y2="HEIGHT"
          class="today"
        />
        <text
          v-if="!narrow && within(scale, view.farm.today)"
          :x="x(scale, view.farm.today) + 4"
          y="28"
          class="now"
        >
          today
        </text>
      </g>
    </svg>
    <span class="sr">{{ session.farm?.name }}</span>
  </div>
</template>

<style scoped>
.axis {
  position: relative;
  border-bottom: 1.5px solid var(--line);
}
.words {
  position: absolute;
  left: 0;
  bottom: 4px;
  font-size: 0.8rem;
  line-height: 1.3;
  padding-right: 16px;
}
svg {
  display: block;
  overflow: visible;
}
.fan {
  fill: var(--crop-straw);
  opacity: 0.4;
}
.middle {
  fill: none;
  stroke: var(--muted);
  stroke-width: 1.2;
}
.rain {
  stroke: var(--sky);
  stroke-width: 1.8;
}
.tick {
  stroke: var(--rule);
}
text {
  font-size: 12px;
  fill: var(--muted);
}
.now {
  fill: var(--rust);
  font-weight: 650;
}
.today {
  stroke: var(--rust);
  stroke-width: 1.4;
}
.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
