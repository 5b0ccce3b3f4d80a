<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { alter, atOnce, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'
import LogForm from './LogForm.vue'
import { MEASURED, titleOf } from './logKinds'

/** What was done and seen on a field, and what of it moves the forecast. */
type Entry = Schemas['EntryView']
const props = defineProps<{
  fieldId: string
  history: Schemas['ChangeView'][]
  today: string
  moved: Schemas['SightingEffect'][]
  /** Species of the cover. */
  species: string[]
}>()
const LOG = '/api/farms/{farmId}/fields/{fieldId}/log'
const ENTRY = '/api/farms/{farmId}/fields/{fieldId}/log/{entryId}'
const session = useSession()
const kinds = useKinds()
const said = () => ({ path: { fieldId: props.fieldId } })
const { data: entries } = useRead(LOG, said)

/** What was seen, in figures. */
function figure(e: Entry): string {
  const name = kinds.species(e.species)?.name ?? ''
  if (e.stage) return `${name}: ${e.stage}`
  const unit = MEASURED[e.kind]
  return unit && e.amount !== undefined
    ? `${session.amount(e.amount, unit)}${name ? ` of ${name}` : ''}`
    : ''
}
const movedBy = (id: string) => props.moved.find((m) => m.entry.id === id)?.changes ?? []

/** Takes an entry out; it is gone from the list at once and can be put back. */
const remove = (e: Entry) =>
  attempt(async () => {
    const path = { fieldId: props.fieldId, entryId: e.id }
    const without = (was: Entry[]) => was.filter((o) => o.id !== e.id)
    await atOnce(LOG, said(), without, () => alter('DELETE', ENTRY, { path }))
    notice.show(`Taken out: ${e.words || titleOf(e.kind)}.`, 'Undo', () =>
      attempt(() => alter('POST', `${ENTRY}/restore`, { path })),
    )
  })
</script>

<template>
  <section class="card">
    <h2>What was done and seen</h2>
    <LogForm v-if="session.operator" :field-id="fieldId" :today="today" :species="species" />
    <ul class="log">
      <li v-for="e in entries" :key="e.id">
        <span class="muted">{{ sayDay(e.doneOn) }} {{ e.doneOn.slice(0, 4) }}</span>
        <span class="grow">
          <b>{{ sentence(titleOf(e.kind)) }}</b>
          <template v-if="figure(e)"> {{ figure(e) }}</template>
          {{ e.words }}
          <span v-if="movedBy(e.id).length" class="moved">
            moves the forecast:
            {{
              movedBy(e.id)
                .map((c) => session.reason(c))
                .join(' · ')
            }}
          </span>
        </span>
        <button
          v-if="session.operator"
          class="muted no-print"
          :aria-label="`Take out: ${e.words || titleOf(e.kind)}`"
          @click="remove(e)"
        >
          ×
        </button>
      </li>
      <li v-if="entries && !entries.length" class="muted">Nothing written down yet.</li>
    </ul>
    <details v-if="history.length" class="mt-2">
      <summary class="muted">Changes of the plan</summary>
      <ul class="log">
        <li v-for="(h, i) in history" :key="i" :class="{ undone: h.undone }">
          <span class="muted">{{ sayDay(h.at.slice(0, 10)) }}</span> {{ sentence(h.what)
          }}<template v-if="h.undone"> (undone)</template>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.log {
  list-style: none;
  padding: 0;
}
.log li {
  display: flex;
  gap: 10px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}
.log li > .muted:first-child {
  white-space: nowrap;
}
.moved {
  display: block;
  color: var(--sky);
  font-size: 0.86rem;
}
.undone {
  opacity: 0.6;
}
</style>
