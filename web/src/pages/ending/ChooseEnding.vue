<script setup lang="ts">
import { useKinds } from '../../words/kinds'
import { computed, ref, watch } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import { notice } from '../../shell/notice'
import { plus } from '../../words/days'
import { sentence } from '../../words/reasons'
import { attempt } from '../../shell/attempt'

/** Keeping a choice: the days, and why. */
const props = defineProps<{
  row: Schemas['EndingRow']
  fieldId: string
  crop: string
  version: number
}>()
const emit = defineEmits<{ kept: [page: Schemas['EndingPage']]; dropped: [] }>()
const kinds = useKinds()
const endOn = ref(props.row.endOn)
const plantOn = ref(props.row.plantOn)
const why = ref('')
const refused = ref<Refusal | null>(null)
const wrong = (path: string) => refused.value?.at(path) ?? ''
const lag = computed(() => {
  const { lagLeast: a, lagMost: b } = props.row
  if (kinds.ending(props.row.way)?.ofItself)
    return 'Winter ends it; plant when the ground is ready.'
  if (b <= 0) return `Planted ${-b} to ${-a} days before it is ended.`
  if (a < 0) return `Planted from ${-a} days before to ${b} days after it is ended.`
  return `Planted ${a} to ${b} days after it is ended.`
})
// Planting follows the ending unless it was set by hand.
watch(endOn, (now, before) => {
  const days = (Date.parse(now) - Date.parse(before)) / 86_400_000
  if (Number.isFinite(days)) plantOn.value = plus(plantOn.value, Math.round(days))
})

async function keep() {
  await attempt(
    async () => {
      const page = await alter('POST', '/api/farms/{farmId}/fields/{fieldId}/ending', {
        path: { fieldId: props.fieldId },
        body: {
          way: props.row.way,
          endOn: endOn.value,
          plantOn: plantOn.value,
          why: why.value,
          version: props.version,
        },
      })
      notice.show('Kept; the plan follows it.')
      emit('kept', page)
    },
    (refusal) => (refused.value = refusal),
  )
}
</script>

<template>
  <form class="card mb-4 no-print" @submit.prevent="keep">
    <h2>{{ sentence(row.label) }}</h2>
    <div class="three mt-2">
      <v-text-field
        v-model="endOn"
        type="date"
        label="End it on"
        :error-messages="wrong('endOn')"
      />
      <v-text-field
        v-model="plantOn"
        type="date"
        :label="`Plant ${crop} on`"
        :error-messages="wrong('plantOn')"
      />
      <v-text-field v-model="why" label="Why, in a few words" :error-messages="wrong('why')" />
    </div>
    <p class="muted small my-1">{{ lag }}</p>
    <p v-if="refused && !refused.errors.length" class="rust">{{ refused.message }}</p>
    <div class="row">
      <v-btn color="primary" type="submit">Keep the choice</v-btn>
      <v-btn variant="text" @click="$emit('dropped')">Leave it</v-btn>
    </div>
  </form>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: 1fr 1fr 2fr;
  gap: 10px 14px;
}
@media (max-width: 600px) {
  .three {
    grid-template-columns: 1fr;
  }
}
</style>
