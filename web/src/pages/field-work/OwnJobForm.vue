<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { newId } from '../../words/ids'
import { plus } from '../../words/days'
import { sentence } from '../../words/reasons'

/** Work of one's own: what, where, in which days, with what, for how long. */
const props = defineProps<{ job: Schemas['OwnJobView'] | null; today: string }>()
const emit = defineEmits<{ done: [] }>()
const session = useSession()
const { data: fields } = useRead('/api/farms/{farmId}/fields')
const { data: shed } = useRead('/api/farms/{farmId}/machines')
const { data: crew } = useRead('/api/farms/{farmId}/crew')
const days = session.usual('ownJobDays')
const it = ref({
  id: newId(),
  work: 'manure' as Schemas['OwnJobView']['work'],
  words: '',
  from: props.today,
  to: plus(props.today, days),
  ...props.job,
})
/** A list shows no choice that is nothing, so any that can has a name. */
const ANY = 'any'
const doer = computed({
  get: () => it.value.with ?? ANY,
  set: (id: string) => (it.value.with = id === ANY ? undefined : id),
})
const fieldId = ref(props.job?.fieldId)
const refused = ref<Refusal | null>(null)
const wrong = (path: string) => refused.value?.at(path) ?? ''
const works = computed(() =>
  (session.choices?.ownWorks ?? []).map((w) => ({ value: w.key, title: sentence(w.label) })),
)
const ofFields = computed(() => (fields.value ?? []).map((f) => ({ value: f.id, title: f.name })))
const doers = computed(() => [
  { value: ANY, title: 'Any that can' },
  ...[...(shed.value ?? []), ...(crew.value ?? [])].map((d) => ({ value: d.id, title: d.name })),
])
/** What a machine's width tells needs no hours. */
const told = computed(
  () =>
    !!shed.value?.some((m) => m.id === it.value.with) ||
    (!it.value.with && !!session.choices?.ownWorks.find((w) => w.key === it.value.work)?.byMachine),
)
// A day before the first is no last day.
watch(
  () => it.value.from,
  (from) => {
    if (from > it.value.to) it.value.to = plus(from, days)
  },
)

const keep = () =>
  attempt(
    async () => {
      await alter('PUT', '/api/farms/{farmId}/own-jobs/{jobId}', {
        path: { jobId: it.value.id },
        body: { ...it.value, fieldId: fieldId.value! },
      })
      emit('done')
    },
    (refusal) => (refused.value = refusal),
  )
</script>

<template>
  <form class="two mt-3" @submit.prevent="keep">
    <v-select v-model="it.work" :items="works" label="Work" />
    <v-autocomplete
      v-model="fieldId"
      :items="ofFields"
      label="Field"
      :error-messages="wrong('fieldId')"
    />
    <v-text-field v-model="it.words" label="In your words" :error-messages="wrong('words')" />
    <v-select v-model="doer" :items="doers" label="Who or what" :error-messages="wrong('with')" />
    <v-text-field
      v-model="it.from"
      type="date"
      label="Not before"
      :error-messages="wrong('from')"
    />
    <v-text-field v-model="it.to" type="date" label="Done by" :error-messages="wrong('to')" />
    <FigureField
      v-model="it.hours"
      :label="told ? 'Hours, if you know better' : 'Hours it takes'"
      :error="wrong('hours')"
    />
    <FigureField
      v-model="it.worthUsd"
      label="Lost if not done"
      unit="USD"
      :error="wrong('worthUsd')"
    />
    <div class="row">
      <v-btn color="primary" type="submit" :disabled="!fieldId">Keep</v-btn>
      <v-btn variant="text" @click="emit('done')">Leave it</v-btn>
    </div>
    <p v-if="refused && !refused.errors.length" class="rust">{{ refused.message }}</p>
  </form>
</template>
