<script setup lang="ts">
import { computed } from 'vue'
import FigureField from './FigureField.vue'

/** A distance of rows: held in metres, read on a tape in inches or millimetres. */
const MM_PER_M = 1000
const metres = defineModel<number | undefined>()
defineProps<{ label: string; error?: string }>()
const tape = computed({
  get: () => (metres.value === undefined ? undefined : metres.value * MM_PER_M),
  set: (mm) => (metres.value = mm === undefined ? undefined : mm / MM_PER_M),
})
</script>

<template>
  <FigureField v-model="tape" :label="label" unit="TAPE_MM" :error="error" :digits="1" />
</template>
