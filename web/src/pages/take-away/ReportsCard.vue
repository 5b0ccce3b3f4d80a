<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import { farmNow } from '../../farm/now'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import ChoosePictures from './ChoosePictures.vue'
import { daysOf } from './reportDays'

/** Reports for others: made, numbered, and kept as they were given away. */
const REPORTS = '/api/farms/{farmId}/reports'
type Made = Schemas['ReportView']
const session = useSession()
const { data } = useRead(REPORTS)
const { data: fields } = useRead('/api/farms/{farmId}/fields')
const today = session.farm?.today ?? ''
const kind = ref<Made['kind']>('record')
const fieldId = ref('')
const from = ref('')
const to = ref('')
watch(kind, (now) => ([from.value, to.value] = daysOf(now, today)), { immediate: true })
const pictures = ref(false)
const chosen = ref<string[]>([])
const busy = ref(false)
const refused = ref<Refusal | null>(null)
const kinds = computed(() =>
  (data.value?.kinds ?? []).map((k) => ({ value: k.kind, title: k.label })),
)
const choices = computed(() => [
  { value: '', title: 'All fields' },
  ...(fields.value ?? []).map((f) => ({ value: f.id, title: f.name })),
])
const address = (r: Made, file: string) => `/api/farms/${farmNow()}/reports/${r.id}/report.${file}`
const full = (day: string) => `${sayDay(day)} ${day.slice(0, 4)}`

async function make() {
  busy.value = true
  refused.value = null
  await attempt(
    async () => {
      const body = {
        kind: kind.value,
        fieldId: fieldId.value || undefined,
        from: from.value,
        to: to.value,
        pictures: pictures.value,
        chosen: pictures.value && fieldId.value ? chosen.value : undefined,
      }
      const made = await alter('POST', REPORTS, {
        query: { units: session.units },
        body,
      })
      notice.show(`Report ${made.number} is made; it stands at the top of the list.`)
    },
    (refusal) => (refused.value = refusal),
  )
  busy.value = false
}
</script>

<template>
  <section class="card mb-4">
    <h2>Reports</h2>
    <p class="muted my-2">
      For the insurer, a cost-share office, the certifier or the landlord: as PDF and as a table. A
      report keeps its number and never changes; make another when the record has moved on.
    </p>
    <form v-if="session.operator" class="row" @submit.prevent="make">
      <v-select v-model="kind" :items="kinds" label="Report" class="kind" />
      <v-autocomplete v-model="fieldId" :items="choices" label="Field" class="kind" />
      <v-text-field v-model="from" type="date" label="From" class="day" />
      <v-text-field
        v-model="to"
        type="date"
        label="To"
        class="day"
        :error-messages="refused?.at('to')"
      />
      <v-checkbox v-model="pictures" label="with its pictures" density="compact" />
      <v-btn type="submit" color="primary" :loading="busy">Make the report</v-btn>
    </form>
    <ChoosePictures
      v-if="pictures && fieldId && session.operator"
      v-model="chosen"
      :field-id="fieldId"
      :from="from"
      :to="to"
    />
    <p v-if="refused && !refused.at('to')" class="rust">{{ refused.message }}</p>
    <table v-if="data?.made.length" class="plain mt-3">
      <tbody>
        <tr v-for="r in data.made" :key="r.id">
          <td class="n">{{ r.number }}</td>
          <td>
            <b>{{ r.title }}</b>
            <div class="muted small">
              {{ full(r.from) }} to {{ full(r.to) }}<template v-if="r.by">, {{ r.by }}</template>
            </div>
          </td>
          <td class="n nowrap">
            <a :href="address(r, 'pdf')" class="file">PDF</a>
            <a :href="address(r, 'csv')" class="file">CSV</a>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.kind {
  min-width: 220px;
}
.day {
  max-width: 170px;
}
.nowrap {
  white-space: nowrap;
}
.file {
  display: inline-block;
  min-width: 44px;
  min-height: 44px;
  line-height: 44px;
  text-align: center;
}
</style>
