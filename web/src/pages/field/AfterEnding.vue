<script setup lang="ts">
import { computed } from 'vue'
import type { PlanInput, Schemas } from '../../api/client'
import { consider } from '../../farm/data'
import { area, line, steps } from '../../charts/axes'
import TimeChart from '../../charts/TimeChart.vue'
import { useAnswer } from '../../answer'
import { useSession } from '../../session'
import { plus, sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { shown as inUnits, toSi, unitName, type Unit } from '../../words/units'

/** What is left of the cover once it is ended, and what another day would leave. */
const props = defineProps<{ fieldId: string; plan: PlanInput }>()
const session = useSession()

const { answer: after, trouble } = useAnswer(
  () => JSON.stringify([props.fieldId, { ...props.plan, status: '' }]),
  () =>
    consider('/api/farms/{farmId}/fields/{fieldId}/after', {
      path: { fieldId: props.fieldId },
      body: props.plan,
    }),
)

const ticks = computed(() => {
  const a = after.value
  const most = Math.max(a?.target ?? 0, ...(a?.mulch.map((m) => m.high) ?? []))
  return steps(inUnits(most, 'MG_PER_HA', session.units)).map((v) => ({
    value: toSi(v, 'MG_PER_HA', session.units),
    label: v.toLocaleString('en-US'),
  }))
})
const day = (week: number) => plus(after.value?.on ?? '2000-01-01', week * 7)

function range(r: Schemas['Range'], unit: Unit): string {
  const low = session.amount(r.low, unit)
  const high = session.amount(r.high, unit)
  return low === high ? low : `${low} to ${high}`
}
const figures = computed(() => {
  const a = after.value
  if (!a) return []
  const rows: [string, Schemas['Range'], Unit][] = [
    ['killed', a.kill, 'SHARE'],
    [`dead cover at planting, ${sayDay(a.plantOn)}`, a.mulchAtPlanting, 'MG_PER_HA'],
    ['still alive at planting', a.livingAtPlanting, 'MG_PER_HA'],
    ['water the cover took', a.waterTakenMm, 'MM'],
    ['water in the top of the ground at planting, of what it holds', a.topSoilWetness, 'SHARE'],
    ['nitrogen freed in 8 to 10 weeks (less than 0: tied up)', a.nitrogenKgPerHa, 'KG_PER_HA'],
  ]
  return rows
})
</script>

<template>
  <section v-if="trouble || after" class="card">
    <h2>After it is ended</h2>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <template v-if="after">
      <p class="muted small">
        {{ sentence(after.label) }} on {{ sayDay(after.on) }}: dead cover on the ground,
        {{ unitName('MG_PER_HA', session.units) }}, week by week. Below the dotted line summer weeds
        come through.
      </p>
      <TimeChart
        :from="after.on"
        :to="day(Math.max(1, after.mulch.length - 1))"
        :height="170"
        :ticks="ticks"
        label="Dead cover by week after the ending"
      >
        <template #default="{ x, y, left, right }">
          <path
            :d="
              area(
                after.mulch.map((m, i) => [x(day(i)), y(m.high)] as const),
                after.mulch.map((m, i) => [x(day(i)), y(m.low)] as const),
              )
            "
            fill="var(--crop-straw)"
            opacity="0.55"
          />
          <path
            :d="line(after.mulch.map((m, i) => [x(day(i)), y(m.middle)] as const))"
            class="mulch"
          />
          <path :d="line(after.living.map((v, i) => [x(day(i)), y(v)] as const))" class="living" />
          <line :x1="left" :x2="right" :y1="y(after.target)" :y2="y(after.target)" class="target" />
          <text :x="right - 4" :y="y(after.target) - 5" text-anchor="end">
            {{ after.target > after.holds ? 'wanted' : 'holds weeds back' }}
          </text>
          <line
            v-if="after.target > after.holds"
            :x1="left"
            :x2="right"
            :y1="y(after.holds)"
            :y2="y(after.holds)"
            class="holds"
          />
        </template>
      </TimeChart>
      <p class="muted small keys">
        <span class="key mulch-key" /> dead, middle year and range
        <span class="key living-key" /> alive
      </p>
      <table class="plain mt-2">
        <tbody>
          <tr v-for="[what, r, unit] in figures" :key="what">
            <td>{{ sentence(what) }}</td>
            <td class="n">
              <b>{{ session.amount(r.middle, unit) }}</b>
            </td>
            <td class="muted n">{{ range(r, unit) }}</td>
          </tr>
          <tr>
            <td>Ground carries the planter</td>
            <td class="n">
              <b>{{ after.fitAtPlanting }} of {{ after.years }}</b> years
            </td>
            <td></td>
          </tr>
        </tbody>
      </table>
      <details v-if="after.byDate.length > 1" class="mt-2">
        <summary class="muted">On another day</summary>
        <table class="plain">
          <thead>
            <tr>
              <th>ended on</th>
              <th class="n">dead cover just after</th>
              <th class="n">killed</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="d in after.byDate" :key="d.day">
              <td>{{ sayDay(d.day) }}</td>
              <td class="n">
                {{ session.amount(d.mulch.middle, 'MG_PER_HA') }}
                <span class="muted">({{ range(d.mulch, 'MG_PER_HA') }})</span>
              </td>
              <td class="n">{{ session.amount(d.kill.middle, 'SHARE') }}</td>
            </tr>
          </tbody>
        </table>
      </details>
    </template>
  </section>
</template>

<style scoped>
.mulch {
  fill: none;
  stroke: var(--line);
  stroke-width: 2.4;
}
.living {
  fill: none;
  stroke: var(--leaf);
  stroke-width: 2;
  stroke-dasharray: 6 3;
}
.target {
  stroke: var(--sky);
  stroke-dasharray: 6 4;
}
.holds {
  stroke: var(--rust);
  stroke-dasharray: 2 4;
}
.keys {
  display: flex;
  gap: 8px;
  align-items: center;
}
.key {
  display: inline-block;
  width: 22px;
  border-top: 3px solid var(--line);
}
.living-key {
  border-top: 2px dashed var(--leaf);
  margin-left: 10px;
}
</style>
