<script setup lang="ts">
import { ref, watch } from 'vue'
import { readMonthDay, sayMonthDay } from '../words/monthDay'

/** A day of any year, typed as it is said: “20 May”. */
const kept = defineModel<string>({ required: true })
defineProps<{ label: string; error?: string }>()
const text = ref(sayMonthDay(kept.value))
const wrong = ref('')
watch(kept, (now) => {
  if (readMonthDay(text.value) !== now) text.value = sayMonthDay(now)
})
function read(typed: string) {
  const day = readMonthDay(typed)
  wrong.value = day ? '' : 'Write it such as 20 May.'
  if (day) kept.value = day
}
</script>

<template>
  <v-text-field
    v-model="text"
    :label="label"
    :error-messages="wrong || (error ?? '')"
    @update:model-value="read"
  />
</template>
