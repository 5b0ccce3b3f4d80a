<script setup lang="ts">
import { mdiPencilOutline } from '@mdi/js'
import { computed } from 'vue'
import type { Reason, Schemas } from '../../api/client'
import { alter, atOnce } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'
import TakePicture from '../../pictures/TakePicture.vue'
import { addPictures } from '../../pictures/adding'
import { kindOf, told, type CropOff } from './entries'

/** One entry: what it says, who wrote it, the weather of its day, and what it said before. */
const LOG = '/api/farms/{farmId}/fields/{fieldId}/log'
const ENTRY = '/api/farms/{farmId}/fields/{fieldId}/log/{entryId}'
const props = defineProps<{
  recorded: Schemas['Recorded']
  fieldId: string
  crops: CropOff[]
  moved: Reason[]
  /** What the forecast had before it was seen. */
  expected?: Reason
}>()
const emit = defineEmits<{ correct: [] }>()
const session = useSession()
const kinds = useKinds()
const entry = computed(() => props.recorded.entry)
const kind = computed(() => kindOf(session.entryKinds, entry.value.kind))
const label = computed(() => kind.value?.label ?? entry.value.kind)
const say = { amount: session.amount, species: (id: string) => kinds.species(id)?.name ?? id }
const figures = (e: Parameters<typeof told>[0]) => told(e, kind.value, props.crops, say).join(', ')

const weather = computed(() => {
  const w = props.recorded.weather
  if (!w) return ''
  const low = session.amount(w.lowC, 'CELSIUS').replace(/ °[CF]$/, '')
  const parts = [`${low} to ${session.amount(w.highC, 'CELSIUS')}`]
  parts.push(w.rainMm ? `${session.amount(w.rainMm, 'MM')} of rain` : 'no rain')
  if (w.windMPerS != null) parts.push(`wind ${session.amount(w.windMPerS, 'M_PER_S')}`)
  return parts.join(', ')
})
const station = computed(() => {
  const of = props.recorded.weather?.station
  return of ? `Weather of the day: ${of}` : undefined
})
const from = computed(() => {
  const { by, machine } = props.recorded
  return [machine, by && `written by ${by}`, weather.value].filter(Boolean).join(' · ')
})

/** Takes the entry out; it is gone from the list at once and can be put back. */
const remove = () =>
  attempt(async () => {
    const path = { fieldId: props.fieldId, entryId: entry.value.id }
    const without = (was: Schemas['FieldLog']) => ({
      ...was,
      entries: was.entries.filter((o) => o.entry.id !== entry.value.id),
    })
    const gone = () => alter('DELETE', ENTRY, { path })
    await atOnce(LOG, { path: { fieldId: props.fieldId } }, without, gone)
    notice.show(`Taken out: ${entry.value.words || label.value}.`, 'Undo', () =>
      attempt(() => alter('POST', `${ENTRY}/restore`, { path })),
    )
  })
</script>

<template>
  <li>
    <span class="muted day">{{ sayDay(entry.doneOn) }} {{ entry.doneOn.slice(0, 4) }}</span>
    <span class="grow">
      <b>{{ sentence(label) }}</b>&nbsp;
      {{ [figures(entry), entry.words].filter(Boolean).join(', ') }}
      <span v-if="expected" class="from muted">{{ session.reason(expected) }}</span>
      <span v-if="moved.length" class="moved">
        moves the forecast: {{ moved.map((c) => session.reason(c)).join(' · ') }}
      </span>
      <span v-if="from" class="from muted" :title="station">{{ from }}</span>
      <span v-for="e in recorded.earlier" :key="e.until" class="from muted">
        until {{ sayDay(e.until.slice(0, 10)) }}: {{ sayDay(e.doneOn) }}
        {{ [figures(e), e.words].filter(Boolean).join(', ')
        }}<template v-if="e.by">; put right by {{ e.by }}</template>
      </span>
    </span>
    <template v-if="session.operator">
      <TakePicture
        small
        :label="`Add a picture: ${entry.words || label}`"
        @taken="addPictures(fieldId, entry.id, $event)"
      />
      <button
        class="muted do no-print"
        title="Put right"
        :aria-label="`Put right: ${entry.words || label}`"
        @click="emit('correct')"
      >
        <v-icon :icon="mdiPencilOutline" size="18" />
      </button>
      <button
        class="muted do no-print"
        title="Take out"
        :aria-label="`Take out: ${entry.words || label}`"
        @click="remove"
      >
        ×
      </button>
    </template>
  </li>
</template>

<style scoped>
li {
  display: flex;
  gap: 10px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}
.day {
  white-space: nowrap;
  min-width: 92px;
}
.moved,
.from {
  display: block;
  font-size: 0.86rem;
}
.moved {
  color: var(--sky);
}
.do {
  min-width: 28px;
}
/* On a phone the words have the whole width, and what can be done stands beside the day. */
@media (max-width: 600px) {
  li {
    flex-wrap: wrap;
    align-items: center;
    gap: 0 6px;
  }
  .day {
    flex: 1;
    font-size: 0.86rem;
  }
  .grow {
    order: 1;
    flex: 1 0 100%;
  }
  .do {
    min-width: 44px;
    min-height: 44px;
  }
}
</style>
