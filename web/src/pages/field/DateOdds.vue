<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PlanInput, Schemas } from '../../api/client'
import TimeChart from '../../charts/TimeChart.vue'
import { line } from '../../charts/axes'
import { useSession } from '../../session'
import { plus, sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import GoalPicker from './GoalPicker.vue'

/** The question asked backwards: by which day, which way and how thick, to reach a goal. */
const props = defineProps<{
  plan: PlanInput
  seasonStart: string
  odds: Schemas['DateOddsView'] | null
  trouble: string
}>()
const emit = defineEmits<{ pick: [plan: PlanInput] }>()
const goal = defineModel<Schemas['GoalInput']>('goal')
const session = useSession()
const thickness = ref(1)

const DASHES = ['', '7 4', '2 3', '10 3 2 3', '4 2', '1 4']
const TENTHS = [0, 5, 10].map((n) => ({ value: n, label: String(n) }))
const THICK = computed(() => [
  {
    value: session.usual('thinRate'),
    title: `thin (${session.amount(session.usual('thinRate'), 'SHARE')})`,
  },
  { value: 1, title: 'rates as planned' },
  {
    value: session.usual('thickRate'),
    title: `thick (${session.amount(session.usual('thickRate'), 'SHARE')})`,
  },
])

const possible = computed(() => props.odds?.methods.filter((m) => m.points.length) ?? [])
const methods = computed(() => {
  const all = possible.value.filter((m) => m.thickness === thickness.value)
  const mine = all.filter((m) => m.method === props.plan.method)
  const others = all
    .filter(
      (m) => m.method !== props.plan.method && !/frost|byHand|Incorporated|Planter/.test(m.method),
    )
    .slice(0, 5)
  return [...mine, ...others]
})
/** The latest day of one way at every thickness. */
function latest(method: string): string {
  return THICK.value
    .map((t) => {
      const m = possible.value.find((p) => p.method === method && p.thickness === t.value)
      return m?.latest ? sayDay(m.latest) : 'never'
    })
    .join(' · ')
}
const span = computed(() => {
  const days = methods.value.flatMap((m) => m.points.map((p) => p.day)).sort()
  const from = days[0] ?? props.seasonStart
  return { from, to: plus(days.at(-1) ?? from, 3) }
})
const tenths = (met: number) => (10 * met) / (props.odds?.years || 1)
const tenYears = computed(() => tenths(props.odds?.wanted ?? 0))

function use(m: Schemas['MethodOdds']) {
  emit('pick', {
    ...props.plan,
    method: m.method,
    components: m.components,
    seedOn: m.latest ?? m.points[0]!.day,
  })
}
</script>

<template>
  <section class="card">
    <h2>By when must it be seeded?</h2>
    <GoalPicker v-model="goal" :purpose="plan.purposes[0] ?? ''" :season-start="seasonStart" />
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <p v-else-if="odds && !methods.length" class="muted">No way of seeding is left this season.</p>
    <template v-else-if="odds">
      <p class="muted small">
        Years of ten in which {{ odds.words }} reaches {{ session.amount(odds.target, odds.unit)
        }}{{ odds.day ? ' on ' + sayDay(odds.day) : '' }}, by the day of seeding, everything else as
        planned.
      </p>
      <TimeChart
        :from="span.from"
        :to="span.to"
        :height="176"
        :ticks="TENTHS"
        :label="`Odds by seeding day for ${methods.length} ways`"
      >
        <template #default="{ x, y, left, right }">
          <line :x1="left" :x2="right" :y1="y(tenYears)" :y2="y(tenYears)" class="wanted" />
          <text :x="right" :y="y(tenYears) - 4" text-anchor="end" class="seven">wanted</text>
          <g v-for="(m, i) in methods" :key="m.method" :class="{ mine: m.method === plan.method }">
            <path
              :d="line(m.points.map((p) => [x(p.day), y(tenths(p.met))] as const))"
              class="odds"
              :stroke-dasharray="DASHES[i]"
            />
            <circle
              v-for="p in m.points"
              :key="p.day"
              :cx="x(p.day)"
              :cy="y(tenths(p.met))"
              r="2.6"
              class="dot"
            >
              <title>
                {{ m.label }} {{ sayDay(p.day) }}: {{ p.met }} of {{ odds.years }} years
              </title>
            </circle>
          </g>
        </template>
      </TimeChart>
      <v-btn-toggle v-model="thickness" mandatory density="compact" class="my-2 no-print">
        <v-btn v-for="t in THICK" :key="t.value" :value="t.value" size="small">{{ t.title }}</v-btn>
      </v-btn-toggle>
      <table class="plain">
        <thead>
          <tr>
            <th></th>
            <th>way</th>
            <th>first day</th>
            <th>latest day: thin · as planned · thick</th>
            <th class="n">seed</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(m, i) in methods" :key="m.method">
            <td>
              <svg
                width="34"
                height="10"
                aria-hidden="true"
                :class="{ mine: m.method === plan.method }"
              >
                <path d="M0,5H34" class="odds" :stroke-dasharray="DASHES[i]" />
              </svg>
            </td>
            <td>
              <button
                v-if="session.owner"
                class="link"
                :title="m.latest ? 'Plan it for its latest day' : 'Plan it for its first day'"
                @click="use(m)"
              >
                {{ sentence(m.label) }}
              </button>
              <span v-else>{{ sentence(m.label) }}</span>
            </td>
            <td>{{ sayDay(m.points[0]!.day) }}: {{ m.points[0]!.met }} of {{ odds.years }}</td>
            <td>
              <b v-if="m.latest">{{ latest(m.method) }}</b>
              <span v-else class="rust">{{ latest(m.method) }}</span>
            </td>
            <td class="n">{{ session.amount(m.seedUsdPerHa, 'USD_PER_HA') }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
.wanted {
  stroke: var(--sky);
  stroke-dasharray: 4 4;
}
.seven {
  fill: var(--sky) !important;
}
.odds {
  fill: none;
  stroke: var(--muted);
  stroke-width: 1.6;
}
.dot {
  fill: var(--muted);
}
.mine .odds {
  stroke: var(--leaf);
  stroke-width: 3;
}
.mine .dot {
  fill: var(--leaf);
}
</style>
