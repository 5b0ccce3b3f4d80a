<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { alter } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { newId } from '../../words/ids'
import { readNumber } from '../../words/numbers'
import { toSi, unitName } from '../../words/units'
import { kindsOf, MEASURED, RESIDUALS, type LogKind } from './logKinds'

/** Writes down what was done or seen on a field. */
const props = defineProps<{ fieldId: string; today: string; species: string[] }>()
const session = useSession()
const blank = () => ({
  doneOn: props.today,
  kind: 'note' as LogKind,
  words: '',
  amount: '',
  species: '',
  stage: '',
  residual: '',
})
const form = ref(blank())
const unit = computed(() => MEASURED[form.value.kind])
const seesSpecies = computed(() => form.value.kind === 'plants' || form.value.kind === 'stage')
const kinds = computed(() => kindsOf(props.species.length > 0))
const mine = computed(() =>
  (session.choices?.species ?? [])
    .filter((s) => props.species.includes(s.id))
    .map((s) => ({ value: s.id, title: s.name, stages: s.stages })),
)
const stages = computed(() => mine.value.find((s) => s.value === form.value.species)?.stages ?? [])
watch(
  () => form.value.kind,
  () => (form.value.species = seesSpecies.value ? (props.species[0] ?? '') : ''),
)

const add = () =>
  attempt(async () => {
    const { doneOn, kind, words, species, stage, residual } = form.value
    const typed = readNumber(form.value.amount, session.units)
    if (unit.value && typed.problem) throw new Error(typed.problem)
    const measured = unit.value && typed.value !== undefined
    await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}/log/{entryId}', {
      path: { fieldId: props.fieldId, entryId: newId() },
      body: {
        doneOn,
        kind,
        words,
        species: species || undefined,
        residual: kind === 'sprayed' ? residual || undefined : undefined,
        stage: kind === 'stage' ? stage || undefined : undefined,
        amount: measured ? toSi(typed.value!, unit.value!, session.units) : undefined,
      },
    })
    form.value = blank()
  })
</script>

<template>
  <form class="row my-2 no-print" @submit.prevent="add">
    <v-text-field v-model="form.doneOn" type="date" label="Day" :max="today" class="day" />
    <v-select v-model="form.kind" :items="kinds" label="What" class="kind" />
    <v-select
      v-if="seesSpecies"
      v-model="form.species"
      :items="mine"
      label="Species"
      class="choice"
    />
    <v-select
      v-if="form.kind === 'stage'"
      v-model="form.stage"
      :items="stages"
      label="Stage"
      class="choice"
    />
    <v-select
      v-if="form.kind === 'sprayed'"
      v-model="form.residual"
      :items="RESIDUALS"
      label="Residual group"
      class="choice"
    />
    <v-text-field
      v-if="unit"
      v-model="form.amount"
      inputmode="decimal"
      :label="unitName(unit, session.units)"
      class="amount"
    />
    <v-text-field v-model="form.words" label="In a few words" class="grow choice" />
    <v-btn type="submit" variant="outlined">Write down</v-btn>
  </form>
</template>

<style scoped>
.day {
  max-width: 160px;
}
.kind {
  max-width: 190px;
}
.choice {
  min-width: 160px;
}
.amount {
  max-width: 120px;
}
</style>
