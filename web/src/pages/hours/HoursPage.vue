<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '../../api/client'
import { consider } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { sentence } from '../../words/reasons'
import HourReckoning from './HourReckoning.vue'
import HourStrip from './HourStrip.vue'
import { byDay, WORKS } from './hours'
import { useHours } from './useHours'

/** Three days, hour by hour: what can be done, what limits it, and the reckoning behind it. */
const HOURS = '/api/farms/{farmId}/hours'
const session = useSession()
const fieldId = ref<string>()
const { fields, hours: forecast, trouble } = useHours(fieldId)
/** Hours of the farm's own table, until another field is asked about. */
const tabled = ref<Schemas['HoursView'] | null>(null)
const wrong = ref('')
const picked = ref<number>()
const view = computed(() => tabled.value ?? forecast.value)
const days = computed(() => byDay(view.value?.hours ?? []))
const now = computed(() => (picked.value === undefined ? null : view.value?.hours[picked.value]))
watch(fieldId, () => {
  tabled.value = null
  wrong.value = ''
})
watch(view, () => (picked.value = undefined))

async function table(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  await attempt(
    async () => {
      tabled.value = await consider(HOURS, {
        query: { fieldId: fieldId.value ?? undefined },
        body: { csv: await file.text() },
      })
      wrong.value = ''
    },
    (refusal) => (wrong.value = refusal.message),
  )
}
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <div class="about">
        <h1>Hours</h1>
        <p v-if="view" class="muted">
          {{ sentence(view.source) }}{{ view.field ? `, on ${view.field}` : '' }}. Ground begins at
          {{ session.amount(view.topSoilWetness, 'SHARE') }} of what it holds; the last three days
          were {{ session.amount(view.growingDegrees, 'KELVIN') }} warmer than covers need to grow.
        </p>
      </div>
      <v-autocomplete
        v-model="fieldId"
        :items="(fields ?? []).map((f) => ({ title: f.name, value: f.id }))"
        label="On field"
        clearable
        class="no-print field"
      />
      <label class="link small no-print"
        >use an hourly table<input type="file" accept=".csv,text/csv" hidden @change="table"
      /></label>
    </header>
    <p v-if="wrong || trouble" class="card rust mb-3">{{ wrong || trouble }}</p>
    <section v-for="[work, label] in WORKS" :key="work" class="card mb-3">
      <h2>{{ label }}</h2>
      <div class="strips">
        <HourStrip
          v-for="d in days"
          :key="d.day"
          :day="d.day"
          :hours="d.hours"
          :work="work"
          :label="label"
          :picked="picked"
          @pick="picked = $event"
        />
      </div>
    </section>
    <HourReckoning v-if="now" :hour="now" />
    <p class="small muted">
      ● go, ◐ with care, empty not. Click an hour for the whole reckoning. Stems hold water from
      rain and dew and dry by deficit, wind and sun; a label’s own limits of wind and rain outrank
      these. Look at the field before you go.
    </p>
    <details class="small muted no-print">
      <summary>Columns of an hourly table</summary>
      <p>
        time (such as 2027-05-22T06:00), temp_c, dew_point_c, wind_m_s, gust_m_s, rain_mm,
        solar_w_m2, soil_temp_c. One row an hour, no gaps; with more than two days the first only
        wets and dries the stems.
      </p>
    </details>
  </div>
</template>

<style scoped>
.about {
  flex: 1 1 420px;
}
.field {
  flex: 0 0 230px;
}
.strips {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 14px;
}
@media (max-width: 900px) {
  .strips {
    grid-template-columns: 1fr;
  }
}
</style>
