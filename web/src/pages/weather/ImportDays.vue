<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { upload } from '../../farm/data'
import { farmNow } from '../../farm/now'
import { attempt } from '../../shell/attempt'

/** Days out of a file: which column is what, in which units, and what was wrong with it. */
const props = defineProps<{ stationId: string }>()
const emit = defineEmits<{ wrong: [refusal: Refusal | null] }>()
const file = ref<File | null>(null)
const check = ref<Schemas['FileCheck'] | null>(null)
const columns = ref<Schemas['Columns']>({ date: '', tmin: '', tmax: '', precip: '' })
const units = ref<Schemas['Units']>({ temperature: 'C', precip: 'mm', wind: 'ms', date: 'iso' })
const fillGaps = ref(false)
const report = ref<Schemas['ImportReport'] | null>(null)
const busy = ref(false)
const base = computed(() => `/api/farms/${farmNow()}/stations/${props.stationId}`)
const UNITS: { of: keyof typeof units.value; label: string; items: object[] }[] = [
  {
    of: 'date',
    label: 'Dates are',
    items: [
      { title: 'year-month-day', value: 'iso' },
      { title: 'day.month.year', value: 'dmy' },
      { title: 'month/day/year', value: 'mdy' },
    ],
  },
  {
    of: 'temperature',
    label: 'Temperature in',
    items: [
      { title: '°C', value: 'C' },
      { title: '°F', value: 'F' },
    ],
  },
  {
    of: 'precip',
    label: 'Rain in',
    items: [
      { title: 'mm', value: 'mm' },
      { title: 'inches', value: 'in' },
    ],
  },
  {
    of: 'wind',
    label: 'Wind in',
    items: [
      { title: 'm/s', value: 'ms' },
      { title: 'km/h', value: 'kmh' },
      { title: 'mph', value: 'mph' },
    ],
  },
]

async function guard(work: () => Promise<void>) {
  busy.value = true
  emit('wrong', null)
  await attempt(work, (refusal) => emit('wrong', refusal))
  busy.value = false
}
const look = () =>
  guard(async () => {
    report.value = null
    check.value = null
    if (!file.value) return
    const found = await upload<Schemas['FileCheck']>(`${base.value}/check`, file.value)
    check.value = found
    columns.value = { ...found.guess }
  })
const store = () =>
  guard(async () => {
    if (!file.value) return
    report.value = await upload<Schemas['ImportReport']>(`${base.value}/import`, file.value, {
      mapping: { columns: columns.value, units: units.value, fillGaps: fillGaps.value },
    })
  })
const column = (optional: boolean) => [
  ...(optional ? [{ title: 'none', value: undefined }] : []),
  ...(check.value?.columns ?? []).filter((c) => c).map((c) => ({ title: c, value: c })),
]
</script>

<template>
  <div class="mt-4">
    <v-file-input
      v-model="file"
      label="CSV file"
      accept=".csv,.txt,.tsv"
      :loading="busy"
      @update:model-value="look"
    />
    <template v-if="check">
      <p class="my-3">
        {{ check.rows.toLocaleString('en-US') }} lines<template v-if="check.decimalComma"
          >, with decimal commas</template
        >. Which column is what?
      </p>
      <div class="three">
        <v-select v-model="columns.date" label="Date" :items="column(false)" />
        <v-select v-model="columns.tmin" label="Lowest temperature" :items="column(false)" />
        <v-select v-model="columns.tmax" label="Highest temperature" :items="column(false)" />
        <v-select v-model="columns.precip" label="Rain" :items="column(false)" />
        <v-select v-model="columns.wind" label="Wind (optional)" :items="column(true)" />
        <v-select v-model="columns.dewPoint" label="Dew point (optional)" :items="column(true)" />
        <v-select
          v-for="u in UNITS"
          :key="u.of"
          v-model="units[u.of]"
          :label="u.label"
          :items="u.items"
        />
      </div>
      <v-checkbox
        v-model="fillGaps"
        class="mt-2"
        label="Fill missing and impossible days: up to five between their neighbours, more from other years"
      />
      <v-btn class="mt-3" color="primary" :loading="busy" @click="store">Import</v-btn>
    </template>
    <div v-if="report" class="mt-4">
      <p v-if="report.stored" class="mb-2">
        <b>Stored {{ report.days.toLocaleString('en-US') }} days</b>, {{ report.filledDays }} of
        them filled.
      </p>
      <p v-else class="rust mb-2">
        <b>Nothing was stored.</b> Mend the file, or fill what is missing.
      </p>
      <p v-if="report.faultCount">
        {{ report.faultCount }} {{ report.faultCount === 1 ? 'place' : 'places' }} to look at:
      </p>
      <ul class="pl-5 faults">
        <li v-for="(f, i) in report.faults" :key="i">{{ f.message }}</li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
}
.faults {
  max-height: 240px;
  overflow: auto;
}
@media (max-width: 700px) {
  .three {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
