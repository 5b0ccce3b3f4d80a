<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Refusal } from '../../api/client'
import { alter } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { attempt } from '../../shell/attempt'
import { letter, type TrialView } from './strips'

/** What was found on one strip, or why it is lost; on to the next when it is written down. */
const props = defineProps<{ trial: TrialView; number: number; movable: boolean }>()
const emit = defineEmits<{ next: [] }>()
const figures = ref<Record<string, number | undefined>>({})
const lost = ref('')
const refused = ref<Refusal | null>(null)
const strip = () => props.trial.strips[props.number - 1]!
/** What was answered last is newer than what the page has until it is asked again. */
let latest = 0
const version = () => Math.max(latest, props.trial.version ?? 0)
// Only another strip begins anew: what is being typed is not lost when the page is asked again.
watch(
  () => props.number,
  () => {
    figures.value = { ...strip().figures }
    lost.value = strip().lost ?? ''
    refused.value = null
  },
  { immediate: true },
)
async function keep() {
  const kept = Object.fromEntries(
    Object.entries(figures.value).filter(([, value]) => value !== undefined),
  ) as Record<string, number>
  const done = await attempt(
    () =>
      alter('PUT', '/api/farms/{farmId}/trials/{trialId}/strips/{number}', {
        path: { trialId: props.trial.id, number: props.number },
        body: { version: version(), lost: lost.value || undefined, figures: kept },
      }),
    (r) => (refused.value = r),
  )
  if (!done) return
  latest = done.version ?? 0
  emit('next')
}
</script>

<template>
  <form class="log" @submit.prevent="keep">
    <p>
      <b>Strip {{ number }}</b
      >, block {{ strip().block }}: {{ letter(strip().treatment) }},
      {{ trial.treatments[strip().treatment]!.name }}
    </p>
    <div class="row">
      <FigureField
        v-for="m in trial.measures"
        :key="m.key"
        v-model="figures[m.key]"
        :label="m.label"
        :unit="m.unit"
        :error="refused?.at(`figures.${m.key}`)"
        class="amount"
      />
    </div>
    <v-text-field
      v-model="lost"
      label="Lost, because"
      hint="Such as: a wheel track, a wet hole. It does not count then."
      persistent-hint
      :error-messages="refused?.at('lost')"
    />
    <p v-if="refused && !refused.errors.length" class="rust">{{ refused.message }}</p>
    <v-btn v-if="movable" type="submit" color="primary" class="mt-2">Write down</v-btn>
  </form>
</template>

<style scoped>
.log {
  max-width: 520px;
}
.amount {
  min-width: 130px;
  max-width: 180px;
}
</style>
