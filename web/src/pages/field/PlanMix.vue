<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PlanInput, Refusal } from '../../api/client'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import { readNumber } from '../../words/numbers'
import { shown as inUnits, toSi, unitName } from '../../words/units'

/** The species of a plan and their rates, each with what is usual beside it. */
const props = defineProps<{ plan: PlanInput; refused: Refusal | null; movable: boolean }>()
const emit = defineEmits<{ change: [components: PlanInput['components']] }>()
/** Rates that differ by less read the same. */
const SAME = 0.005
const session = useSession()
const kinds = useKinds()
const rateUnit = computed(() => unitName('KG_PER_HA', session.units))
const speciesItems = computed(() =>
  (session.choices?.species ?? []).map((s) => ({ title: s.name, value: s.id, family: s.family })),
)

/** A rate of tens is meant in whole units, a small one to the tenth. */
const [WHOLE_FROM, TENTHS] = [20, 10] as const
/** Rates as typed, so that a half-typed number is not rewritten under the thumb. */
const rates = ref<string[]>([])
watch(
  () => [props.plan.components, session.units],
  () => {
    rates.value = props.plan.components.map((c, i) => {
      const now = inUnits(c.rateKgPerHa, 'KG_PER_HA', session.units)
      const typed = readNumber(rates.value[i] ?? '', session.units).value ?? NaN
      return Math.abs(typed - now) < SAME
        ? (rates.value[i] ?? '')
        : String(now < WHOLE_FROM ? Math.round(now * TENTHS) / TENTHS : Math.round(now))
    })
  },
  { immediate: true, deep: true },
)

const replaced = (i: number, by: PlanInput['components'][number]) =>
  props.plan.components.map((c, at) => (at === i ? by : c))
const typical = (id: string) =>
  kinds.rates(id, props.plan.method)?.typical ?? session.usual('coverRate')

function setRate(i: number, typed: string) {
  rates.value[i] = typed
  const { value } = readNumber(typed, session.units)
  if (value === undefined) return
  const rateKgPerHa = toSi(value, 'KG_PER_HA', session.units)
  emit('change', replaced(i, { ...props.plan.components[i]!, rateKgPerHa }))
}
function setSpecies(i: number, id: string) {
  emit('change', replaced(i, { species: id, rateKgPerHa: typical(id) }))
}
function addSpecies() {
  const used = new Set(props.plan.components.map((c) => c.species))
  const next = session.choices?.species.find((s) => !used.has(s.id))
  if (!next) return
  emit('change', [
    ...props.plan.components,
    { species: next.id, rateKgPerHa: typical(next.id) / 2 },
  ])
}
const takeOut = (i: number) =>
  emit(
    'change',
    props.plan.components.filter((_, at) => at !== i),
  )

function range(id: string): string {
  const r = kinds.rates(id, props.plan.method)
  if (!r) return ''
  const to = (v: number) => Math.round(inUnits(v, 'KG_PER_HA', session.units))
  return `alone ${to(r.low)} to ${to(r.high)} ${rateUnit.value}`
}
const wrong = (path: string) =>
  props.refused?.errors.find((e) => e.path.startsWith(path))?.message ?? ''
</script>

<template>
  <fieldset class="mix">
    <legend>What</legend>
    <div v-for="(c, i) in plan.components" :key="i" class="species">
      <v-autocomplete
        :model-value="c.species"
        :items="speciesItems"
        label="Species"
        :readonly="!movable"
        :error-messages="wrong(`components[${i}].species`)"
        @update:model-value="setSpecies(i, $event)"
      />
      <v-text-field
        :model-value="rates[i]"
        :label="rateUnit"
        inputmode="decimal"
        class="rate"
        :hint="range(c.species)"
        persistent-hint
        :readonly="!movable"
        :error-messages="wrong(`components[${i}].rateKgPerHa`)"
        @update:model-value="setRate(i, $event)"
      />
      <button
        v-if="plan.components.length > 1 && movable"
        type="button"
        class="out"
        :aria-label="`Take out ${kinds.species(c.species)?.name ?? c.species}`"
        @click="takeOut(i)"
      >
        ×
      </button>
    </div>
    <v-btn v-if="movable" variant="text" size="small" @click="addSpecies">Add a species</v-btn>
  </fieldset>
</template>

<style scoped>
.mix {
  border: 0;
  padding: 0;
  margin-bottom: 10px;
}
.mix legend {
  font-size: 0.82rem;
  color: var(--muted);
  padding-bottom: 4px;
}
.species {
  display: grid;
  grid-template-columns: 1fr 118px auto;
  gap: 8px;
  margin-bottom: 8px;
  align-items: start;
}
.out {
  font-size: 1.2rem;
  width: 28px;
  height: 40px;
  color: var(--muted);
}
</style>
