<script setup lang="ts">
import { computed } from 'vue'
import type { FieldSeason } from '../../api/client'
import { area, line, steps } from '../../charts/axes'
import TimeChart from '../../charts/TimeChart.vue'
import { useSession } from '../../session'
import { plus, sayDay } from '../../words/days'
import { shown as inUnits, toSi, unitName } from '../../words/units'

/** Growth with its range over the years, and how often the ground carries machines, week by week. */
const props = defineProps<{ shown: FieldSeason }>()
const session = useSession()

const furrow = computed(() => props.shown.furrow)
const day = (week: number) => plus(props.shown.start, week * 7)
/** From a week before seeding: before that there is nothing to see. */
const first = computed(() => {
  const seeded = furrow.value.seededOn ?? furrow.value.plan?.plan.seedOn ?? props.shown.start
  const weeks = furrow.value.high?.map((_, i) => i) ?? []
  return Math.max(0, (weeks.find((i) => day(i) >= seeded) ?? 1) - 1)
})
const weeks = computed(() =>
  (furrow.value.high ?? []).map((_, i) => i).filter((i) => i >= first.value),
)
const most = computed(() => Math.max(...(furrow.value.high ?? [0])))
const ticks = computed(() =>
  steps(inUnits(most.value, 'MG_PER_HA', session.units)).map((v) => ({
    value: toSi(v, 'MG_PER_HA', session.units),
    label: v.toLocaleString('en-US'),
  })),
)
const edge = (values: number[] | undefined, x: (d: string) => number, y: (v: number) => number) =>
  weeks.value.map((i) => [x(day(i)), y(values?.[i] ?? 0)] as const)
const GOING = [0, 5, 10].map((value) => ({ value, label: String(value) }))
</script>

<template>
  <section v-if="furrow.high && furrow.middle && furrow.low" class="card">
    <h2>Growth, and ground that carries</h2>
    <p class="muted small">
      Dry cover above ground, {{ unitName('MG_PER_HA', session.units) }}: the line is the middle
      year, the band leaves out one year in ten on either side.
    </p>
    <TimeChart
      :from="day(first)"
      :to="day(56)"
      :height="190"
      :ticks="ticks"
      label="Cover by week with its range over the years"
    >
      <template #default="{ x, y, top, ground }">
        <path
          :d="area(edge(furrow.high, x, y), edge(furrow.low, x, y))"
          fill="var(--leaf-fan)"
          opacity="0.7"
        />
        <path :d="line(edge(furrow.middle, x, y))" class="middle" />
        <line
          v-if="furrow.plan"
          :x1="x(furrow.plan.plan.endOn)"
          :x2="x(furrow.plan.plan.endOn)"
          :y1="top"
          :y2="ground"
          class="end"
        />
        <text v-if="furrow.plan" :x="x(furrow.plan.plan.endOn) - 5" :y="top + 12" text-anchor="end">
          ended {{ sayDay(furrow.plan.plan.endOn) }}
        </text>
        <line
          v-if="shown.today > day(first)"
          :x1="x(shown.today)"
          :x2="x(shown.today)"
          :y1="top"
          :y2="ground"
          class="today"
        />
      </template>
    </TimeChart>
    <p class="muted small mt-2">
      Years of ten in which the ground carries machines that week, were the cover left to grow
    </p>
    <TimeChart
      v-if="shown.groundFit"
      :from="day(first)"
      :to="day(56)"
      :height="92"
      :ticks="GOING"
      label="Years of ten with ground that carries, by week"
    >
      <template #default="{ x, y, ground }">
        <rect
          v-for="i in weeks.slice(0, -1)"
          :key="i"
          :x="x(day(i)) + 1"
          :width="Math.max(1, x(day(i + 1)) - x(day(i)) - 2)"
          :y="y((shown.groundFit[i] ?? 0) * 10)"
          :height="Math.max(0, ground - y((shown.groundFit[i] ?? 0) * 10))"
          class="going"
        >
          <title>
            week of {{ sayDay(day(i)) }}: {{ Math.round((shown.groundFit[i] ?? 0) * 10) }} years of
            ten
          </title>
        </rect>
      </template>
    </TimeChart>
  </section>
</template>

<style scoped>
.middle {
  fill: none;
  stroke: var(--leaf);
  stroke-width: 2.6;
}
.end {
  stroke: var(--ink);
  stroke-dasharray: 5 3;
}
.today {
  stroke: var(--rust);
  stroke-width: 1.6;
}
.going {
  fill: var(--soil-band);
  stroke: var(--line);
  stroke-width: 0.6;
}
</style>
