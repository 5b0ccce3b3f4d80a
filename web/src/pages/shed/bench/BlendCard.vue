<script setup lang="ts">
import { blendOf } from '../../../phone/bench'
import { computed, ref } from 'vue'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import { useKinds } from '../../../words/kinds'
import { sentence } from '../../../words/reasons'

/** Seed blended with dry fertiliser: how much to spread, and how long it may lie. */
const props = defineProps<{ species: string }>()
const session = useSession()
const kinds = useKinds()
const seedRate = ref<number | undefined>(session.usual('coverRateInRows'))
const fertRate = ref<number | undefined>(session.usual('fertilizerRate'))
const batch = ref<number | undefined>(session.usual('fertilizerBatch'))
const hours = ref<number | undefined>(session.usual('blendHours'))
const density = computed(
  () => kinds.species(props.species)?.bulkKgPerM3 ?? session.usual('bulkDensity'),
)
const { answer: blend, trouble: blendTrouble } = useAnswer(
  () =>
    seedRate.value && fertRate.value && batch.value
      ? JSON.stringify([seedRate.value, fertRate.value, batch.value, hours.value, density.value])
      : '',
  () =>
    blendOf({
      seedKgPerHa: seedRate.value!,
      fertiliserKgPerHa: fertRate.value!,
      batchKg: batch.value!,
      hours: hours.value ?? 0,
      seedDensityKgPerM3: density.value,
      fertiliserDensityKgPerM3: session.usual('fertilizerDensity'),
    }),
)
</script>

<template>
  <section class="card">
    <h2>Blended with fertiliser</h2>
    <div class="two mt-2">
      <FigureField v-model="seedRate" label="Seed" unit="KG_PER_HA" />
      <FigureField v-model="fertRate" label="Fertiliser" unit="KG_PER_HA" />
      <FigureField v-model="batch" label="A batch" unit="KG" />
      <FigureField v-model="hours" label="Hours until it is spread" />
    </div>
    <p v-if="blendTrouble" class="rust my-2">{{ blendTrouble }}</p>
    <template v-if="blend">
      <p class="answer">Spread {{ session.amount(blend.totalKgPerHa, 'KG_PER_HA') }}</p>
      <p>
        A batch takes {{ session.amount(blend.batchSeedKg, 'KG') }} of seed and
        {{ session.amount(blend.batchFertiliserKg, 'KG') }} of fertiliser.
      </p>
      <p v-for="(c, i) in blend.cautions" :key="i" class="small">
        ▲ {{ sentence(session.reason(c)) }}.
      </p>
    </template>
  </section>
</template>

<style scoped src="./bench.css"></style>
