<script setup lang="ts">
import { hirePrice } from '../../../phone/bench'
import { computed, ref } from 'vue'
import type { Schemas } from '../../../api/client'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'

/** What to charge for seeding someone else's field. */
const props = defineProps<{ machine: Schemas['MachineView'] }>()
const session = useSession()
const area = ref<number | undefined>(session.usual('benchArea'))
const rate = ref<number | undefined>(session.usual('benchRate'))
const haPerHour = ref<number | undefined>(props.machine.haPerHour)
const pricePerHa = ref<number | undefined>(props.machine.usdPerHa ?? session.usual('usdPerHa'))
const pricePerHour = ref<number | undefined>(
  props.machine.usdPerHour ?? session.usual('usdPerHour'),
)
const terms = props.machine.terms ?? {}
const limit = ref<number | undefined>(terms.weightLimitKgPerHa ?? session.usual('areaPriceUpTo'))
const minimum = ref<number | undefined>(terms.leastUsd ?? session.usual('usdLeast'))
const km = ref<number | undefined>(terms.wayKm ?? session.usual('wayThere'))
const perKm = ref<number | undefined>(terms.usdPerKm ?? session.usual('usdPerKm'))
const tax = ref<number>()

function body(perHour: number) {
  return {
    areaHa: area.value!,
    rateKgPerHa: rate.value!,
    haPerHour: perHour,
    pricePerHa: pricePerHa.value!,
    pricePerHour: pricePerHour.value!,
    weightLimitKgPerHa: limit.value ?? 0,
    minimumCharge: minimum.value,
    ferryKm: km.value,
    pricePerKm: perKm.value,
  }
}
const { answer, trouble } = useAnswer(
  () =>
    area.value && rate.value && haPerHour.value && pricePerHa.value && pricePerHour.value
      ? JSON.stringify([body(haPerHour.value)])
      : '',
  () => hirePrice(body(haPerHour.value!)),
)

const W = 420
const H = 150
const top = computed(
  () => 2 * Math.max(answer.value?.breakEvenHaPerHour ?? 1, haPerHour.value ?? 1),
)
const most = computed(() => Math.max(pricePerHour.value ?? 1, top.value * (pricePerHa.value ?? 1)))
const x = (h: number) => 40 + ((W - 52) * h) / top.value
const y = (usd: number) => H - 26 - ((H - 36) * usd) / most.value
const quote = computed(() => {
  const q = new URLSearchParams({
    machineId: props.machine.id,
    units: session.units,
    taxPercent: String(tax.value ?? 0),
    ...Object.fromEntries(
      Object.entries(body(haPerHour.value ?? 1))
        .filter(([, v]) => v !== undefined)
        .map(([k, v]) => [k, String(v)]),
    ),
  })
  return `/api/farms/${session.farm?.id}/quote.pdf?${q}`
})
</script>

<template>
  <section class="card">
    <h2>Price for hire</h2>
    <div class="two mt-2">
      <FigureField v-model="area" label="Area" unit="HA" />
      <FigureField v-model="rate" label="Rate" unit="KG_PER_HA" />
      <FigureField v-model="haPerHour" label="Done an hour" unit="HA_PER_HOUR" />
      <FigureField v-model="limit" label="By area up to" unit="KG_PER_HA" />
      <FigureField v-model="pricePerHa" label="Price by area" unit="USD_PER_HA" />
      <FigureField v-model="pricePerHour" label="Price an hour, $" />
      <FigureField v-model="minimum" label="Least for a job, $" />
      <FigureField v-model="km" label="The way there" unit="KM" />
      <FigureField v-model="perKm" label="Price of the way" unit="USD_PER_KM" />
      <FigureField v-model="tax" label="Tax, %" />
    </div>
    <p v-if="trouble" class="rust my-2">{{ trouble }}</p>
    <template v-if="answer">
      <p class="answer">{{ session.amount(answer.charge, 'USD', 2) }}</p>
      <p>
        Charged by {{ answer.basis === 'area' ? 'area' : 'the hour' }}:
        {{ session.amount(answer.work, 'USD', 2) }} for the work<template
          v-if="answer.minimumApplied"
        >
          (raised to the least for a job)</template
        >, {{ session.amount(answer.ferry, 'USD', 2) }} for the way.
      </p>
      <svg :viewBox="`0 0 ${W} ${H}`" role="img" aria-label="Income an hour by area done an hour">
        <line :x1="40" :x2="W - 12" :y1="y(0)" :y2="y(0)" class="rule" />
        <line :x1="x(0)" :y1="y(0)" :x2="x(top)" :y2="y(top * (pricePerHa ?? 0))" class="area" />
        <line
          :x1="x(0)"
          :y1="y(pricePerHour ?? 0)"
          :x2="x(top)"
          :y2="y(pricePerHour ?? 0)"
          class="hour"
        />
        <line
          :x1="x(answer.breakEvenHaPerHour)"
          :x2="x(answer.breakEvenHaPerHour)"
          :y1="10"
          :y2="y(0)"
          class="even"
        />
        <circle
          :cx="x(haPerHour ?? 0)"
          :cy="
            y(answer.basis === 'area' ? (haPerHour ?? 0) * (pricePerHa ?? 0) : (pricePerHour ?? 0))
          "
          r="5"
          class="dot"
        />
        <text :x="x(answer.breakEvenHaPerHour)" :y="H - 8" text-anchor="middle">
          even at {{ session.amount(answer.breakEvenHaPerHour, 'HA_PER_HOUR') }}
        </text>
        <text :x="x(0) + 4" :y="y(pricePerHour ?? 0) - 5">by the hour</text>
        <text :x="x(top) - 4" :y="y(top * (pricePerHa ?? 0)) + 4" text-anchor="end">by area</text>
      </svg>
      <p class="muted small">Slower than that, the hour pays more; faster, the area does.</p>
      <p>
        <a :href="quote" download>Quote as PDF</a>
        <span class="muted small"> · the bill is made on the field’s job, from what went out</span>
      </p>
    </template>
  </section>
</template>

<style scoped src="./bench.css"></style>
<style scoped>
svg {
  width: 100%;
  max-width: 520px;
}
.rule {
  stroke: var(--rule);
}
.area {
  stroke: var(--leaf);
  stroke-width: 2;
}
.hour {
  stroke: var(--sky);
  stroke-width: 2;
  stroke-dasharray: 7 4;
}
.even {
  stroke: var(--muted);
  stroke-dasharray: 2 4;
}
.dot {
  fill: var(--rust);
}
text {
  font-size: 12px;
  fill: var(--muted);
}
</style>
