<script setup lang="ts">
import { WEEK } from '../words/days'
import FigureField from './FigureField.vue'

/** Hours on each day of the week, Monday first. */
const hours = defineModel<number[]>({ required: true })
defineProps<{ wrong: (path: string) => string }>()
const put = (day: number, to: number | undefined) =>
  (hours.value = hours.value.map((h, d) => (d === day ? (to ?? 0) : h)))
</script>

<template>
  <fieldset class="week">
    <legend class="small muted">Hours on each day of the week</legend>
    <FigureField
      v-for="(name, d) in WEEK"
      :key="name"
      :model-value="hours[d]"
      :label="name"
      :error="wrong(`weekHours[${d}]`)"
      @update:model-value="put(d, $event)"
    />
  </fieldset>
</template>

<style scoped>
.week {
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  gap: 6px;
  margin-top: 8px;
  padding: 0;
  border: 0;
}
legend {
  margin-bottom: 4px;
}
@media (max-width: 600px) {
  .week {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
}
</style>
