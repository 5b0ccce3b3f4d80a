<script setup lang="ts">
import { computed, reactive } from 'vue'
import { useAnswer } from '../../answer'
import { balesOf, grazingOf } from '../../phone/bench'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { whole, type Typed } from './typed'

/** How long a herd lives of what stands, and how many bales a cut makes. */
const session = useSession()
const grazing = reactive({
  standingKgPerHa: undefined,
  leaveKgPerHa: session.usual('leaveStanding'),
  useShare: session.usual('grazedShare'),
  areaHa: undefined,
  head: undefined,
  headKg: session.usual('cattleMass'),
} as Typed<'standingKgPerHa' | 'leaveKgPerHa' | 'useShare' | 'areaHa' | 'head' | 'headKg'>)
const bales = reactive({
  cutKgPerHa: undefined,
  areaHa: undefined,
  dryMatter: session.usual('baleDry'),
  baleKg: session.usual('baleMass'),
  lossShare: session.usual('hayLoss'),
} as Typed<'cutKgPerHa' | 'areaHa' | 'dryMatter' | 'baleKg' | 'lossShare'>)
const herd = computed(() => whole(grazing))
const cut = computed(() => whole(bales))
const { answer: lasts, trouble: herdTrouble } = useAnswer(
  () => (herd.value ? JSON.stringify(herd.value) : ''),
  () => grazingOf(herd.value!),
)
const { answer: made, trouble: cutTrouble } = useAnswer(
  () => (cut.value ? JSON.stringify(cut.value) : ''),
  () => balesOf(cut.value!),
)
const kg = (value: number) => session.amount(value, 'KG')
const weeks = (value: number) => session.amount(value, 'COUNT', 1)
</script>

<template>
  <div>
    <section class="card mb-4">
      <h2 class="mb-3">How long does it feed?</h2>
      <div class="row">
        <FigureField
          v-model="grazing.standingKgPerHa"
          label="Dry cover"
          unit="KG_PER_HA"
          class="figure"
        />
        <FigureField
          v-model="grazing.leaveKgPerHa"
          label="Left standing"
          unit="KG_PER_HA"
          class="figure"
        />
        <FigureField
          v-model="grazing.useShare"
          label="Eaten, not trodden"
          unit="SHARE"
          class="figure"
        />
        <FigureField v-model="grazing.areaHa" label="Area" unit="HA" class="figure" />
        <FigureField v-model="grazing.head" label="Head" class="figure" />
        <FigureField v-model="grazing.headKg" label="One weighs" unit="KG" class="figure" />
      </div>
      <p v-if="herdTrouble" class="rust mt-2">{{ herdTrouble }}</p>
      <template v-if="lasts">
        <p class="answer">{{ weeks(lasts.weeks) }} weeks</p>
        <p>{{ kg(lasts.feedKg) }} of dry feed.</p>
        <p class="muted small">
          Seed treatments and herbicides bar grazing for days their labels say; frost and drought
          make some covers poisonous. Ask before animals go on.
        </p>
      </template>
    </section>
    <section class="card mb-4">
      <h2 class="mb-3">How many bales?</h2>
      <div class="row">
        <FigureField
          v-model="bales.cutKgPerHa"
          label="Dry cover cut"
          unit="KG_PER_HA"
          class="figure"
        />
        <FigureField v-model="bales.areaHa" label="Area" unit="HA" class="figure" />
        <FigureField v-model="bales.baleKg" label="A bale weighs" unit="KG" class="figure" />
        <FigureField v-model="bales.dryMatter" label="Of it dry" unit="SHARE" class="figure" />
        <FigureField
          v-model="bales.lossShare"
          label="Stays on the field"
          unit="SHARE"
          class="figure"
        />
      </div>
      <p v-if="cutTrouble" class="rust mt-2">{{ cutTrouble }}</p>
      <template v-if="made">
        <p class="answer">{{ made.bales }} bales</p>
        <p>{{ kg(made.dryKgPerBale) }} dry in each; {{ kg(made.leftKg) }} stay on the field.</p>
      </template>
    </section>
  </div>
</template>

<style scoped src="./sums.css"></style>
