<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type PlanInput, type Schemas } from '../../api/client'
import { useSession } from '../../session'
import { between, months, plus, sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

const props = defineProps<{ fieldId: string; plan: PlanInput }>()
const session = useSession()
const odds = ref<Schemas['DateOddsView'] | null>(null)
const trouble = ref('')
let latestAsked = 0

/** Everything but the seeding day changes the answer. */
const question = computed(() => JSON.stringify({ ...props.plan, seedOn: '', status: '' }))

watch(
  [question, () => props.fieldId],
  async () => {
    const asked = ++latestAsked
    try {
      const answer = await ask(
        api.POST('/api/farms/{farmId}/fields/{fieldId}/dates', {
          params: { path: { farmId: session.farm?.id ?? '', fieldId: props.fieldId } },
          body: props.plan,
        }),
      )
      if (asked === latestAsked) odds.value = answer
      trouble.value = ''
    } catch (e) {
      trouble.value = (e as Error).message
    }
  },
  { immediate: true },
)

const WIDTH = 640
const HEIGHT = 170
const LEFT = 34
const BOTTOM = 24
const DASHES = ['', '7 4', '2 3', '10 3 2 3', '4 2', '1 4']

const methods = computed(() => {
  const all = odds.value?.methods.filter((m) => m.points.length) ?? []
  const mine = all.filter((m) => m.method === props.plan.method)
  const others = all
    .filter(
      (m) => m.method !== props.plan.method && !/frost|byHand|Incorporated|Planter/.test(m.method),
    )
    .slice(0, 5)
  return [...mine, ...others]
})
const span = computed(() => {
  const days = methods.value.flatMap((m) => m.points.map((p) => p.day)).sort()
  const from = days[0] ?? '2026-09-01'
  return { from, to: plus(days.at(-1) ?? from, 3) }
})
const x = (day: string) =>
  LEFT +
  ((WIDTH - LEFT - 8) * between(span.value.from, day)) /
    Math.max(1, between(span.value.from, span.value.to))
const y = (met: number) => 8 + (HEIGHT - BOTTOM - 8) * (1 - met / (odds.value?.goal.years || 1))
const line = (m: Schemas['MethodOdds']) =>
  'M' + m.points.map((p) => `${x(p.day).toFixed(1)},${y(p.met).toFixed(1)}`).join('L')
</script>

<template>
  <section v-if="trouble || methods.length" class="card">
    <h2>By when must it be seeded?</h2>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <template v-else-if="odds">
      <p class="muted small">
        Years of ten in which {{ odds.goal.measure }} reaches
        {{ session.amount(odds.goal.target, odds.goal.unit) }}, by the day of seeding, everything
        else as planned.
      </p>
      <svg
        :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
        role="img"
        :aria-label="`Odds by seeding day for ${methods.length} ways`"
      >
        <g v-for="n in [0, 5, 10]" :key="n">
          <line
            :x1="LEFT"
            :x2="WIDTH"
            :y1="y((n / 10) * odds.goal.years)"
            :y2="y((n / 10) * odds.goal.years)"
            class="rule"
          />
          <text :x="LEFT - 6" :y="y((n / 10) * odds.goal.years) + 4" text-anchor="end">
            {{ n }}
          </text>
        </g>
        <line :x1="LEFT" :x2="WIDTH" :y1="y(odds.wanted)" :y2="y(odds.wanted)" class="wanted" />
        <text :x="WIDTH" :y="y(odds.wanted) - 4" text-anchor="end" class="seven">7 of 10</text>
        <g v-for="t in months(span.from, span.to)" :key="t.day">
          <line :x1="x(t.day)" :x2="x(t.day)" y1="8" :y2="HEIGHT - BOTTOM" class="rule" />
          <text :x="x(t.day) + 4" :y="HEIGHT - 7">{{ t.name }}</text>
        </g>
        <g v-for="(m, i) in methods" :key="m.method" :class="{ mine: m.method === plan.method }">
          <path :d="line(m)" class="odds" :stroke-dasharray="DASHES[i]" />
          <circle
            v-for="p in m.points"
            :key="p.day"
            :cx="x(p.day)"
            :cy="y(p.met)"
            r="2.6"
            class="dot"
          >
            <title>
              {{ m.label }} {{ sayDay(p.day) }}: {{ p.met }} of {{ odds.goal.years }} years
            </title>
          </circle>
        </g>
      </svg>
      <table class="plain">
        <thead>
          <tr>
            <th></th>
            <th>way</th>
            <th>first day</th>
            <th>latest for 7 of 10</th>
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
            <td>{{ sentence(m.label) }}</td>
            <td>
              {{ sayDay(m.points[0]!.day) }}: {{ m.points[0]!.met }} of {{ odds.goal.years }} years
            </td>
            <td>
              <b v-if="m.latest">{{ sayDay(m.latest) }}</b><span v-else class="rust"
                >never that sure</span
              >
            </td>
            <td class="n">{{ session.amount(m.seedUsdPerHa, 'USD_PER_HA') }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
td svg {
  width: 34px;
}
.rule {
  stroke: var(--rule);
}
.wanted {
  stroke: var(--sky);
  stroke-dasharray: 4 4;
}
.seven {
  fill: var(--sky);
}
text {
  font-size: 12px;
  fill: var(--muted);
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
.small {
  font-size: 0.84rem;
}
</style>
