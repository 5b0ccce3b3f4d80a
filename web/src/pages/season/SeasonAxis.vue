<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas, SeasonView } from '../../api/client'
import AxisHours from '../../furrow/axis/AxisHours.vue'
import AxisLevels from '../../furrow/axis/AxisLevels.vue'
import AxisTicks from '../../furrow/axis/AxisTicks.vue'
import type { Level, View } from '../../furrow/axis/zoom'
import { DRY_MM } from '../../furrow/rain'
import { within, x } from '../../furrow/scale'
import { useFurrowScale } from '../../furrow/useFurrowScale'
import { useSession } from '../../session'

/** What lies above the rows: how much of the season they show, its days, rain, warmth, or hours of work. */
const props = defineProps<{
  season: SeasonView
  start: string
  labelWidth: number
  width: number
  narrow: boolean
  view: View
  level: Level
  hours?: readonly Schemas['HourView'][]
}>()
defineEmits<{ go: [level: Level]; closer: []; farther: [] }>()
const session = useSession()
/** How tall warmth and rain are, and hours; where the ground of the warmth is, px. */
const [TALL, HOURS_TALL, BASE] = [40, 138, 36] as const
const LEVELS: readonly Level[] = ['season', 'month', 'days']
const { scale, whole, begins } = useFurrowScale(props)
/** The warmth that is drawn, °C: from the lowest up, over so many degrees. */
const [LOWEST, OVER] = [-18, 50] as const
const y = (celsius: number) => BASE - ((celsius - LOWEST) / OVER) * BASE
const step = computed(() => whole.value / (props.season.weather?.middleC.length || 1))
const line = (v: number[]) =>
  v.map((c, i) => `${((i + 0.5) * step.value).toFixed(1)},${y(c).toFixed(1)}`)
const fan = computed(() => {
  const w = props.season.weather
  return w ? `M${line(w.highC).join('L')}L${line(w.lowC).reverse().join('L')}Z` : ''
})
const middle = computed(() => {
  const w = props.season.weather
  return w ? 'M' + line(w.middleC).join('L') : ''
})
const day = computed(() => props.width / scale.value.days)
const rain = computed(() =>
  (props.season.weather?.rainMm ?? []).flatMap((mm, i) => {
    if (mm < DRY_MM) return []
    return [
      `M${((i + 0.5) * day.value).toFixed(1)},${BASE}v${(-Math.min(34, mm * 0.8)).toFixed(1)}`,
    ]
  }),
)
const tall = computed(() => (props.level === 'days' ? HOURS_TALL : TALL))
</script>

<template>
  <div class="axis" :class="{ narrow }">
    <div class="closeness" :style="narrow ? {} : { width: labelWidth + 'px' }">
      <AxisLevels
        :level="level"
        :levels="LEVELS"
        :bare="narrow"
        title="Plus and minus look closer and farther away, arrows move along; so do two fingers, or the wheel with Ctrl"
        @go="$emit('go', $event)"
        @closer="$emit('closer')"
        @farther="$emit('farther')"
      />
      <slot />
    </div>
    <div
      class="drawn"
      tabindex="0"
      role="group"
      aria-label="The season’s days: plus and minus look closer and farther away, arrows move along"
      :style="{ width: width + 'px' }"
    >
      <AxisTicks :view="view" :level="level" :width="width" />
      <svg
        :width="width"
        :height="tall"
        role="img"
        :aria-label="
          level === 'days'
            ? 'Hours of work in the days from today on'
            : 'Rain and warmth as seen, then what past years say to expect'
        "
      >
        <AxisHours v-if="level === 'days'" :hours="hours ?? []" :scale="scale" :y="0" />
        <g v-else :transform="`translate(${begins},0)`">
          <path :d="fan" class="fan" />
          <path :d="middle" class="middle" />
          <path :d="rain.join('')" class="rain" />
        </g>
        <template v-if="within(scale, season.farm.today)">
          <path :d="`M${x(scale, season.farm.today)},0v${tall}`" class="today" />
          <text
            v-if="!narrow && level !== 'days'"
            :x="x(scale, season.farm.today) + 4"
            y="11"
            class="now"
          >
            today
          </text>
        </template>
      </svg>
    </div>
    <p v-if="!narrow" class="words muted no-print">
      <router-link v-if="level === 'days'" to="/hours">hour by hour</router-link>
      <template v-else>rain, warmth</template>
    </p>
    <span class="sr">{{ session.farm?.name }}</span>
  </div>
</template>

<style scoped>
.axis {
  display: flex;
  gap: 8px;
  align-items: flex-end;
  border-bottom: 1.5px solid var(--line);
}
.narrow {
  flex-direction: column;
  align-items: stretch;
  gap: 0;
}
.closeness {
  flex: none;
  align-self: center;
  padding-right: 12px;
}
.narrow .closeness {
  display: flex;
  justify-content: space-between;
  width: 100%;
  padding: 0 0 4px;
}
.drawn {
  flex: none;
  overflow: hidden;
  touch-action: pan-y;
  cursor: grab;
  user-select: none;
}
.drawn:focus-visible {
  outline: 2px solid var(--sky);
}
.words {
  font-size: 0.78rem;
  padding: 0 0 4px 12px;
}
svg {
  display: block;
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
