<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { newId } from '../../words/ids'

/** Writing down what went out, and out of which lots. */
const props = defineProps<{ job: Schemas['JobView']; machineId: string }>()
const areaHa = defineModel<number | undefined>('areaHa')
const seedKg = defineModel<number | undefined>('seedKg')
const session = useSession()
const doneOn = ref(session.farm?.today ?? '')
const setting = ref<number>()
const words = ref('')
const bearing = ref<number>()
const hours = ref<number>()
/** Nitrogen went out in the same pass as it was meant to, unless somebody says otherwise. */
const planned = computed(() => props.job.rows?.setup.sideDress)
const dressed = ref(true)
const nitrogen = ref<number>()
watch(
  () => planned.value?.nitrogenKgPerHa,
  (meant) => (nitrogen.value = meant),
  { immediate: true },
)
const fromLots = ref<Record<string, number | undefined>>({})
const refused = ref<Refusal | null>(null)
const wrong = (at: string) => refused.value?.at(at) ?? ''

const lots = computed(() =>
  props.job.seeds.flatMap((s) => s.lots.map((l) => ({ ...l, name: s.name }))),
)
const achieved = computed(() =>
  areaHa.value && seedKg.value ? seedKg.value / areaHa.value : undefined,
)

/** Each species' part of the seed, out of its lots in turn. */
function share() {
  const out: Record<string, number | undefined> = {}
  const planned = props.job.seeds.reduce((sum, s) => sum + s.rateKgPerHa, 0)
  for (const s of props.job.seeds) {
    let rest = ((seedKg.value ?? 0) * s.rateKgPerHa) / planned
    for (const l of s.lots.filter((o) => o.offered)) {
      const kg = Math.min(rest, l.leftKg)
      if (kg > 0) out[l.lot.id] = kg
      rest -= kg
    }
  }
  fromLots.value = out
}
watch(seedKg, share)
const taken = computed(() =>
  Object.values(fromLots.value).reduce<number>((a, b) => a + (b ?? 0), 0),
)

// Kept while an answer is awaited: sending twice is the same seeding.
let entryId = newId()
const log = () =>
  attempt(
    async () => {
      await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}/seedings/{entryId}', {
        path: { fieldId: props.job.fieldId, entryId },
        body: {
          doneOn: doneOn.value,
          machineId: props.machineId || undefined,
          areaHa: areaHa.value ?? 0,
          targetKgPerHa: props.job.rateKgPerHa,
          seedKg: seedKg.value ?? 0,
          setting: setting.value,
          bearingDeg: bearing.value,
          hours: hours.value,
          sideDress:
            planned.value && dressed.value
              ? { ...planned.value, nitrogenKgPerHa: nitrogen.value ?? 0 }
              : undefined,
          lots: Object.entries(fromLots.value)
            .filter(([, kg]) => kg)
            .map(([lotId, kg]) => ({ lotId, kg: kg! })),
          words: words.value,
        },
      })
      entryId = newId()
      refused.value = null
      seedKg.value = undefined
      hours.value = undefined
      words.value = ''
      notice.show('Written down.')
    },
    (refusal) => (refused.value = refusal),
  )
</script>

<template>
  <section class="card no-print">
    <h2>Done</h2>
    <form class="done mt-2" @submit.prevent="log">
      <v-text-field
        v-model="doneOn"
        type="date"
        label="Day"
        :max="session.farm?.today"
        :error-messages="wrong('doneOn')"
      />
      <FigureField v-model="areaHa" label="Area" unit="HA" :error="wrong('areaHa')" />
      <FigureField v-model="seedKg" label="Seed gone" unit="KG" :error="wrong('seedKg')" />
      <FigureField v-model="setting" label="Setting" />
      <FigureField v-model="bearing" label="Driven towards, °" :error="wrong('bearingDeg')" />
      <FigureField v-model="hours" label="Hours it took" :error="wrong('figures.hours')" />
      <template v-if="planned">
        <v-checkbox v-model="dressed" :label="`${planned.product} in the same pass`" hide-details />
        <FigureField
          v-if="dressed"
          v-model="nitrogen"
          label="Nitrogen"
          unit="KG_PER_HA"
          :error="wrong('sideDress.nitrogenKgPerHa')"
        />
        <span v-else></span>
      </template>
      <template v-if="seedKg && lots.length">
        <p class="wide muted small">
          Out of which lots? Shared out as planned; change it to what it was, or empty all.
        </p>
        <template v-for="l in lots" :key="l.lot.id">
          <span class="small lot">
            {{ l.name }} {{ l.lot.lotNo || l.lot.supplier }}
            <span class="muted">{{ session.amount(l.leftKg, 'KG') }} left</span>
            <span v-if="!l.offered" class="rust">may not go onto this field</span>
          </span>
          <FigureField v-model="fromLots[l.lot.id]" label="Out of it" unit="KG" />
        </template>
        <p
          v-if="taken && session.amount(taken, 'KG') !== session.amount(seedKg, 'KG')"
          class="wide small rust"
        >
          {{ session.amount(taken, 'KG') }} of {{ session.amount(seedKg, 'KG') }} is accounted for.
        </p>
      </template>
      <v-text-field v-model="words" label="In a few words" />
      <p v-if="achieved" class="wide">
        {{ session.amount(achieved, 'KG_PER_HA', 1) }},
        <b
          >{{ Math.abs(Math.round(100 * (achieved / job.rateKgPerHa - 1))) }} %
          {{ achieved < job.rateKgPerHa ? 'under' : 'over' }}</b
        >
        the plan
      </p>
      <p v-if="refused" class="rust wide">{{ refused.message }}</p>
      <v-btn color="primary" type="submit" :disabled="!achieved" class="wide">Write it down</v-btn>
    </form>
  </section>
</template>

<style scoped>
.done {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
  align-items: center;
}
.lot > span {
  display: block;
}
.wide {
  grid-column: 1 / -1;
}
</style>
