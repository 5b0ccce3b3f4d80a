<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { newId } from '../../words/ids'
import { attempt } from '../../shell/attempt'

/** What to look for after the ending; one tap takes it on. */
const props = defineProps<{ fieldId: string }>()
const session = useSession()
const { data, trouble } = useRead('/api/farms/{farmId}/fields/{fieldId}/watch', () => ({
  path: { fieldId: props.fieldId },
}))
const { data: all } = useRead('/api/farms/{farmId}/follow-ups')
const items = computed(() => data.value ?? [])
const taken = computed(() => (all.value ?? []).filter((u) => u.fieldId === props.fieldId))

async function take(item: Schemas['WatchItem']) {
  await attempt(async () => {
    await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}/follow-ups/{id}', {
      path: { fieldId: props.fieldId, id: newId() },
      body: {
        kind: item.kind,
        dueFrom: item.from,
        dueTo: item.to,
        words: sentence(session.reason(item.what)),
      },
    })
  })
}
async function done(u: Schemas['FollowUpView'], doneOn: string | undefined) {
  await attempt(async () => {
    await alter('POST', '/api/farms/{farmId}/follow-ups/{id}/done', {
      path: { id: u.id },
      body: { doneOn },
    })
    if (doneOn) notice.show('Done.', 'Undo', () => void done(u, undefined))
  })
}
const state = (item: Schemas['WatchItem']) => taken.value.find((u) => u.kind === item.kind)
</script>

<template>
  <section class="card">
    <h2>After: what to watch</h2>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <table class="plain">
      <tbody>
        <tr v-for="i in items" :key="i.kind">
          <td class="nowrap">
            {{ sayDay(i.from) }}<br /><span class="muted small">to {{ sayDay(i.to) }}</span>
          </td>
          <td>
            {{ sentence(session.reason(i.what)) }}.
            <div class="muted small">{{ sentence(session.reason(i.why)) }}.</div>
          </td>
          <td class="n no-print">
            <template v-if="session.operator">
              <v-btn v-if="!i.taken" size="small" variant="outlined" @click="take(i)"
                >Take on</v-btn
              >
              <span v-else-if="state(i)?.doneOn" class="tag good"
                >done {{ sayDay(state(i)!.doneOn!) }}</span
              >
              <v-btn
                v-else
                size="small"
                color="primary"
                @click="done(state(i)!, session.farm?.today)"
                >Done</v-btn
              >
            </template>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
