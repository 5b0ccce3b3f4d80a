<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { api, ask, type Schemas } from '../../api/client'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

const props = defineProps<{ fieldId: string; history: Schemas['ChangeView'][]; today: string }>()
const emit = defineEmits<{ changed: [] }>()
const session = useSession()
const entries = ref<Schemas['EntryView'][]>([])
const form = ref({ doneOn: props.today, kind: 'note', words: '' })
const kinds = ['seeded', 'counted', 'sprayed', 'harvested', 'planted', 'ended', 'note']
const path = () => ({ farmId: session.farm?.id ?? '', fieldId: props.fieldId })

async function load() {
  entries.value = await ask(
    api.GET('/api/farms/{farmId}/fields/{fieldId}/log', { params: { path: path() } }),
  )
}

async function add() {
  try {
    await ask(
      api.PUT('/api/farms/{farmId}/fields/{fieldId}/log/{entryId}', {
        params: { path: { ...path(), entryId: crypto.randomUUID() } },
        body: form.value,
      }),
    )
    form.value = { doneOn: props.today, kind: 'note', words: '' }
    await load()
    emit('changed')
  } catch (e) {
    notice.show((e as Error).message)
  }
}

async function remove(id: string) {
  try {
    await ask(
      api.DELETE('/api/farms/{farmId}/fields/{fieldId}/log/{entryId}', {
        params: { path: { ...path(), entryId: id } },
      }),
    )
    await load()
    emit('changed')
  } catch (e) {
    notice.show((e as Error).message)
  }
}

onMounted(load)
watch(() => props.fieldId, load)
</script>

<template>
  <section class="card">
    <h2>What was done</h2>
    <form v-if="session.operator" class="row my-2 no-print" @submit.prevent="add">
      <v-text-field
        v-model="form.doneOn"
        type="date"
        label="Day"
        :max="today"
        style="max-width: 160px"
      />
      <v-select v-model="form.kind" :items="kinds" label="What" style="max-width: 140px" />
      <v-text-field
        v-model="form.words"
        label="In a few words"
        class="grow"
        style="min-width: 160px"
      />
      <v-btn type="submit" variant="outlined">Write down</v-btn>
    </form>
    <ul class="log">
      <li v-for="e in entries" :key="e.id">
        <span class="muted">{{ sayDay(e.doneOn) }} {{ e.doneOn.slice(0, 4) }}</span>
        <b>{{ sentence(e.kind) }}</b> <span class="grow">{{ e.words }}</span>
        <button
          v-if="session.operator"
          class="muted no-print"
          :aria-label="`Take out: ${e.words}`"
          @click="remove(e.id)"
        >
          ×
        </button>
      </li>
      <li v-if="!entries.length" class="muted">Nothing written down yet.</li>
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
.undone {
  opacity: 0.6;
}
</style>
