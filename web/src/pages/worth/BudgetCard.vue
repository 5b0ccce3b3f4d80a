<script setup lang="ts">
import { computed, ref } from 'vue'
import { useAnswer } from '../../answer'
import { partialBudget } from '../../phone/bench'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { asked, blank, PARTS, scale, type Line } from './budget'

/** What a change brings: only what it changes is counted, and what it hangs on is drawn. */
const session = useSession()
const lines = ref<Line[]>(PARTS.map((p) => blank(p.part)))
const of = (part: Line['part']) => lines.value.filter((l) => l.part === part)
const question = computed(() => asked(lines.value))
const { answer, trouble } = useAnswer(
  () =>
    Object.values(question.value).some((p) => p?.length) ? JSON.stringify(question.value) : '',
  () => partialBudget(question.value),
)
const W = 360
const BAR = 26
const NAMES = 130
const x = computed(() => {
  const a = answer.value
  return scale(a ? [a.netPerHa, ...a.bars.flatMap((b) => [b.netAtLow, b.netAtHigh])] : [], W)
})
const bars = computed(() =>
  (answer.value?.bars ?? []).map((b) => ({
    ...b,
    from: Math.min(x.value(b.netAtLow), x.value(b.netAtHigh)),
    to: Math.max(x.value(b.netAtLow), x.value(b.netAtHigh)),
  })),
)
const money = (usdPerHa: number) => session.amount(usdPerHa, 'USD_PER_HA')
const size = (usdPerHa: number) => money(Math.abs(usdPerHa))
</script>

<template>
  <section class="card mb-4">
    <h2>Does a change pay?</h2>
    <p class="muted mb-3">
      Only what it changes counts. What it may be, from and to, shows on what the answer hangs.
    </p>
    <div v-for="p in PARTS" :key="p.part" class="mb-3">
      <h3>{{ p.title }}</h3>
      <div v-for="(l, i) in of(p.part)" :key="i" class="row mb-2">
        <v-text-field v-model="l.name" label="What" class="grow what" />
        <FigureField v-model="l.amount" label="Likely" unit="USD_PER_HA" class="figure" />
        <FigureField v-model="l.low" label="From" unit="USD_PER_HA" class="figure" />
        <FigureField v-model="l.high" label="To" unit="USD_PER_HA" class="figure" />
      </div>
      <v-btn variant="text" size="small" @click="lines.push(blank(p.part))">Another</v-btn>
    </div>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <template v-if="answer">
      <p class="answer" :class="{ rust: answer.netPerHa < 0 }">
        {{ size(answer.netPerHa) }} {{ answer.netPerHa < 0 ? 'lost' : 'won' }}
      </p>
      <p>{{ money(answer.gainPerHa) }} gained, {{ money(answer.lossPerHa) }} given up.</p>
      <svg
        v-if="bars.length"
        :viewBox="`0 0 ${NAMES + W + 12} ${bars.length * BAR + 22}`"
        role="img"
        :aria-label="
          bars.map((b) => `${b.name}: ${money(b.netAtLow)} to ${money(b.netAtHigh)}`).join('; ')
        "
      >
        <line
          :x1="NAMES + x(0)"
          :x2="NAMES + x(0)"
          :y1="0"
          :y2="bars.length * BAR"
          class="nothing"
        />
        <g v-for="(b, i) in bars" :key="b.name">
          <text :x="NAMES - 8" :y="i * BAR + 17" text-anchor="end">{{ b.name }}</text>
          <rect :x="NAMES + b.from" :y="i * BAR + 5" :width="b.to - b.from" :height="BAR - 10">
            <title>{{ b.name }}: {{ money(b.netAtLow) }} to {{ money(b.netAtHigh) }}</title>
          </rect>
        </g>
        <line
          :x1="NAMES + x(answer.netPerHa)"
          :x2="NAMES + x(answer.netPerHa)"
          :y1="0"
          :y2="bars.length * BAR"
          class="net"
        />
        <text :x="NAMES + x(0)" :y="bars.length * BAR + 16" text-anchor="middle">nothing won</text>
      </svg>
      <ul class="even">
        <li v-for="e in answer.breakEven" :key="e.name">
          even where <b>{{ e.name }}</b> is {{ money(e.amountPerHa) }}
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.figure {
  max-width: 140px;
  min-width: 110px;
}
.what {
  min-width: 180px;
}
.answer {
  font-size: 1.7rem;
  font-weight: 680;
}
svg {
  width: 100%;
  max-width: 520px;
}
rect {
  fill: var(--sky);
}
.nothing {
  stroke: rgb(var(--v-theme-on-surface));
  stroke-dasharray: 4 4;
}
.net {
  stroke: var(--leaf);
  stroke-width: 3;
}
text {
  font-size: 12px;
  fill: rgb(var(--v-theme-on-surface));
}
.even {
  padding-left: 18px;
}
</style>
