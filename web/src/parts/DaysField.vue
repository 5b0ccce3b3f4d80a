<script setup lang="ts">
import { ref } from 'vue'
import { sayFullDay } from '../words/days'

/** Some days, each picked and shown as it is said. */
const days = defineModel<string[]>({ required: true })
defineProps<{ label: string }>()
const next = ref('')
function add() {
  if (!next.value) return
  days.value = [...new Set([...days.value, next.value])].sort()
  next.value = ''
}
// A day that was picked and not added is meant all the same.
defineExpose({ add })
</script>

<template>
  <div>
    <div class="row">
      <v-text-field v-model="next" type="date" :label="label" @keydown.enter.prevent="add" />
      <v-btn variant="outlined" :disabled="!next" @click="add">Add it</v-btn>
    </div>
    <p v-if="days.length" class="mt-1">
      <v-chip
        v-for="d in days"
        :key="d"
        class="mr-1"
        closable
        :close-label="`Not ${sayFullDay(d)}`"
        @click:close="days = days.filter((o) => o !== d)"
        >{{ sayFullDay(d) }}</v-chip
      >
    </p>
  </div>
</template>
