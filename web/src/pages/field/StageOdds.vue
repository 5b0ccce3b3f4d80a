<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import TimeChart from '../../charts/TimeChart.vue'
import { plus, sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

defineProps<{ species: Schemas['SpeciesView'][] }>()
const session = useSession()

/** Stages that are reached and the days they span. */
function reached(s: Schemas['SpeciesView']) {
  return s.stages.filter((g) => g.yearsReached > 0)
}
function span(s: Schemas['SpeciesView']) {
  const days = s.stages.flatMap((g) => [g.early, g.middle, g.late]).filter((d) => !!d) as string[]
  days.sort()
  return days.length ? { from: plus(days[0]!, -6), to: plus(days.at(-1)!, 8) } : undefined
}
const ROW = 20
</script>

<template>
  <section class="card">
    <h2>What becomes of it</h2>
    <div v-for="s in species" :key="s.name" class="mt-2">
      <h3>{{ s.name }}</h3>
      <p class="muted small">
        {{ session.amount(s.plantsLow, 'PER_M2') }} to
        {{ session.amount(s.plantsHigh, 'PER_M2') }} plants come up;
        {{ session.amount(s.winterSurvival, 'SHARE') }} winter in the middle year
      </p>
      <TimeChart
        v-if="span(s)"
        :from="span(s)!.from"
        :to="span(s)!.to"
        :height="reached(s).length * ROW + 36"
        :ticks="[]"
        :gutter="120"
        :label="`When ${s.name} reaches its stages`"
      >
        <template #default="{ x, top }">
          <g v-for="(g, i) in reached(s)" :key="g.name">
            <line
              :x1="x(g.early ?? span(s)!.from)"
              :x2="x(g.late ?? span(s)!.to)"
              :y1="top + ROW * (i + 0.5)"
              :y2="top + ROW * (i + 0.5)"
              class="reach"
            />
            <circle
              v-if="g.middle"
              :cx="x(g.middle)"
              :cy="top + ROW * (i + 0.5)"
              r="4.5"
              class="middle"
            />
            <text :x="2" :y="top + ROW * (i + 0.5) + 4">{{ sentence(g.name) }}</text>
          </g>
        </template>
      </TimeChart>
      <details>
        <summary class="muted small">The days in figures</summary>
        <table class="plain">
          <thead>
            <tr>
              <th>stage</th>
              <th>early</th>
              <th>middle</th>
              <th>late</th>
              <th class="n">reached in</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="g in reached(s)" :key="g.name">
              <td>{{ sentence(g.name) }}</td>
              <td>{{ g.early ? sayDay(g.early) : '–' }}</td>
              <td>
                <b>{{ g.middle ? sayDay(g.middle) : '–' }}</b>
              </td>
              <td>{{ g.late ? sayDay(g.late) : '–' }}</td>
              <td class="n">{{ g.yearsReached }} of {{ g.years }} years</td>
            </tr>
          </tbody>
        </table>
      </details>
      <p v-if="!s.stages.some((g) => g.yearsReached > 0)" class="small">
        No stage is reached: it dies first.
      </p>
    </div>
    <p class="muted small mt-2">
      Early and late leave out one year in ten on either side. What you see in the field outranks
      all of it.
    </p>
  </section>
</template>

<style scoped>
.reach {
  stroke: var(--leaf-fan);
  stroke-width: 9;
  stroke-linecap: round;
}
.middle {
  fill: var(--leaf);
}
</style>
