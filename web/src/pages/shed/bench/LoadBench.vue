<script setup lang="ts">
import { loadsOf, slurryOf, splitLoads } from '../../../phone/bench'
import { computed, ref } from 'vue'
import type { Schemas } from '../../../api/client'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import { sentence } from '../../../words/reasons'
import { useKinds } from '../../../words/kinds'
import { mPerS } from '../../../words/speed'

/** Loads of any field with this machine; seed in slurry beside it. */
const props = defineProps<{ machine: Schemas['MachineView']; species: string }>()
const session = useSession()
const kinds = useKinds()
const area = ref<number | undefined>(session.usual('benchArea'))
const rate = ref<number | undefined>(session.usual('benchRate'))
const length = ref<number | undefined>(session.usual('passLength'))
const ferry = ref<number | undefined>(session.usual('ferryLength'))
const density = computed(
  () =>
    session.choices?.species.find((s) => s.id === props.species)?.bulkKgPerM3 ??
    session.usual('bulkDensity'),
)
const slurry = computed(() => props.machine.methods.some((m) => kinds.method(m)?.carriesManure))
const slurryRate = ref<number | undefined>(session.usual('slurryRate'))

const { answer, trouble } = useAnswer(
  () =>
    area.value && rate.value && length.value
      ? JSON.stringify([area.value, rate.value, length.value, ferry.value, density.value])
      : '',
  () => loadsOf(question(rate.value!)),
)
function question(rateKgPerHa: number) {
  return {
    areaHa: area.value!,
    rateKgPerHa,
    bulkDensityKgPerM3: density.value,
    hopperM3: props.machine.hopperM3,
    fillFactor: session.usual('fillFactor'),
    payloadLimitKg: props.machine.payloadKg,
    swathM: props.machine.widthM,
    speedMPerS: mPerS(props.machine.speedKmh),
    passLengthM: length.value!,
    turnS: props.machine.turnS,
    refillS: props.machine.refillS,
    ferryM: ferry.value,
    ferrySpeedMPerS: mPerS(props.machine.ferryKmh ?? props.machine.speedKmh),
    batteryMin: props.machine.batteryMin,
  }
}

const other = ref('')
const otherRate = ref<number | undefined>(session.usual('secondSeedRate'))
const { answer: split } = useAnswer(
  () =>
    other.value && otherRate.value && area.value && rate.value && length.value
      ? JSON.stringify([other.value, otherRate.value, question(rate.value)])
      : '',
  () =>
    splitLoads({
      seeds: [
        { rateKgPerHa: rate.value!, bulkDensityKgPerM3: density.value },
        {
          rateKgPerHa: otherRate.value!,
          bulkDensityKgPerM3:
            session.choices?.species.find((s) => s.id === other.value)?.bulkKgPerM3 ??
            session.usual('bulkDensity'),
        },
      ],
      carrier: question(rate.value!),
    }),
)
const usd = (minutes: number) => ((props.machine.usdPerHour ?? 0) * minutes) / 60

const { answer: tank } = useAnswer(
  () =>
    slurry.value && rate.value && slurryRate.value
      ? JSON.stringify([rate.value, slurryRate.value])
      : '',
  () =>
    slurryOf({
      rateKgPerHa: rate.value!,
      slurryM3PerHa: slurryRate.value!,
      tankM3: props.machine.hopperM3,
    }),
)
const parts = computed(() => {
  const m = answer.value?.minutes
  return m
    ? ([
        ['passes', m.pass, 'var(--leaf)'],
        ['turns', m.turn, 'var(--crop-straw)'],
        ['ferry', m.ferry, 'var(--sky)'],
        ['refills', m.refill, 'var(--soil-band)'],
      ] as const)
    : []
})
const all = computed(() => parts.value.reduce((sum, p) => sum + p[1], 0))
</script>

<template>
  <section class="card">
    <h2>Loads</h2>
    <div class="two mt-2">
      <FigureField v-model="area" label="Area" unit="HA" />
      <FigureField v-model="rate" label="Rate" unit="KG_PER_HA" />
      <FigureField v-model="length" label="Length of a pass" unit="M" />
      <FigureField v-model="ferry" label="Tender to field, one way" unit="M" />
    </div>
    <p v-if="trouble" class="rust my-2">{{ trouble }}</p>
    <template v-if="answer">
      <p class="answer">{{ answer.loads }} loads of {{ session.amount(answer.kgPerLoad, 'KG') }}</p>
      <p>
        {{ answer.bindingLimit === 'mass' ? 'Mass' : 'The hopper' }} limits:
        {{ session.amount(answer.mostKg, 'KG') }} at most. Each does
        {{ session.amount(answer.haPerLoad, 'HA', 1) }};
        {{ session.amount(answer.seedKg, 'KG') }} of seed at the tender.
      </p>
      <div class="bar" role="img" aria-label="Where the time goes">
        <span
          v-for="[what, minutes, color] in parts"
          :key="what"
          :style="{ width: (100 * minutes) / all + '%', background: color }"
        />
      </div>
      <p class="small muted">
        <template v-for="([what, minutes], i) in parts" :key="what"
          ><template v-if="i"> · </template>{{ what }} {{ Math.round(minutes) }} min</template
        >
      </p>
      <p>
        {{ session.amount(all / 60, 'HOURS') }} in all,
        {{ session.amount(answer.haPerHour, 'HA_PER_HOUR') }}; {{ answer.passes }} passes<template
          v-if="answer.batteries"
          >, {{ answer.batteries }} batteries flown empty</template
        >.
      </p>
      <p v-for="(n, i) in answer.notes" :key="i" class="rust">{{ sentence(session.reason(n)) }}.</p>
    </template>
    <details class="mt-3">
      <summary class="muted">A second seed: mixed, or on its own run?</summary>
      <div class="two mt-2">
        <v-autocomplete
          v-model="other"
          :items="(session.choices?.species ?? []).map((s) => ({ title: s.name, value: s.id }))"
          label="Second seed"
        />
        <FigureField v-model="otherRate" label="Its rate" unit="KG_PER_HA" />
      </div>
      <p v-if="split" class="mt-2">
        Mixed: {{ split.mixed.loads }} loads. Apart:
        {{ split.split.map((p) => p.loads).join(' and ') }} loads,
        <b>{{ Math.round(split.extraMinutes) }} minutes more</b
        ><template v-if="machine.usdPerHour"
          >, {{ session.amount(usd(split.extraMinutes), 'USD') }}</template
        >. Apart pays when the seeds would separate.
      </p>
    </details>
    <template v-if="slurry">
      <FigureField v-model="slurryRate" label="Slurry" unit="SLURRY_M3_PER_HA" class="mt-3" />
      <p v-if="tank">
        <b>{{ session.amount(tank.seedKgPerM3, 'KG_PER_SLURRY_M3') }}</b> of seed,
        {{ session.amount(tank.seedKgPerTank, 'KG') }} a tank, which does
        {{ session.amount(tank.haPerTank, 'HA', 1) }}.
      </p>
      <p class="muted small">
        ▲ Keep it stirred until the tank is empty: seed settles, and thick manure smothers it. Small
        seed goes in last. Setbacks from water and wells, slopes and frozen ground by local rule;
        gases in tanks and pits kill.
      </p>
    </template>
  </section>
</template>

<style scoped src="./bench.css"></style>
<style scoped>
.bar {
  display: flex;
  height: 16px;
  margin: 10px 0 4px;
  border: 1px solid var(--rule);
}
</style>
