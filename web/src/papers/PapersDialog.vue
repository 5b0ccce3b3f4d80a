<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../api/client'
import { alter, upload } from '../farm/data'
import { farmNow } from '../farm/now'
import { useSession } from '../session'
import { attempt } from '../shell/attempt'
import { notice } from '../shell/notice'
import { sayDay } from '../words/days'
import { sentence } from '../words/reasons'
import { saidSize } from './size'

/** Papers kept with one thing: taken out to be read, added, taken away. */
type Paper = Schemas['PaperView']
const PAPER = '/api/farms/{farmId}/papers/{paperId}'
const props = defineProps<{
  holder: Paper['holder']
  holderId: string
  title: string
  papers: Paper[]
}>()
const emit = defineEmits<{ close: [] }>()
const session = useSession()
const kinds = computed(() =>
  session.paperKinds
    .filter((k) => k.holders.includes(props.holder))
    .map((k) => ({ value: k.kind, title: sentence(k.label) })),
)
const kind = ref(kinds.value[0]?.value)
const busy = ref(false)
const said = (p: Paper) =>
  sentence(session.paperKinds.find((k) => k.kind === p.kind)?.label ?? p.kind)
const address = (p: Paper) => `/api/farms/${farmNow()}/papers/${p.id}`

async function add(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file || !kind.value) return
  const query = new URLSearchParams({
    holder: props.holder,
    holderId: props.holderId,
    kind: kind.value,
  })
  busy.value = true
  await attempt(() => upload(`/api/farms/${farmNow()}/papers?${query.toString()}`, file))
  busy.value = false
}

const remove = (p: Paper) =>
  attempt(async () => {
    const path = { paperId: p.id }
    await alter('DELETE', PAPER, { path })
    notice.show(`${p.name} is taken out.`, 'Undo', () =>
      attempt(() => alter('POST', `${PAPER}/restore`, { path })),
    )
  })
</script>

<template>
  <v-dialog :model-value="true" max-width="560" scrollable @update:model-value="emit('close')">
    <section class="card">
      <h2>Papers: {{ title }}</h2>
      <ul class="my-3">
        <li v-for="p in papers" :key="p.id">
          <span class="grow">
            <b>{{ said(p) }}</b>
            <a :href="address(p)" class="name">{{ p.name }}</a>
            <span class="muted small">
              {{ saidSize(p.size) }}, {{ sayDay(p.addedAt.slice(0, 10))
              }}<template v-if="p.by">, {{ p.by }}</template>
            </span>
          </span>
          <button
            v-if="session.operator"
            class="muted do"
            :aria-label="`Take out ${p.name}`"
            @click="remove(p)"
          >
            ×
          </button>
        </li>
        <li v-if="!papers.length" class="muted">None yet.</li>
      </ul>
      <div v-if="session.operator" class="row">
        <v-select v-model="kind" :items="kinds" label="What it is" class="grow" />
        <label class="add" :class="{ busy }">
          {{ busy ? 'Sending' : 'Choose the file' }}
          <input
            type="file"
            accept="application/pdf,image/png,image/jpeg"
            aria-label="File of the paper"
            :disabled="busy"
            @change="add"
          />
        </label>
      </div>
      <div class="row mt-3">
        <span class="muted small grow">PDF, PNG or JPEG, up to 10 MB</span>
        <v-btn color="primary" @click="emit('close')">Close</v-btn>
      </div>
    </section>
  </v-dialog>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  min-height: 44px;
  border-bottom: 1px solid var(--rule);
}
.name {
  margin: 0 8px;
  overflow-wrap: anywhere;
}
.do {
  min-width: 44px;
  min-height: 44px;
}
.add {
  position: relative;
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  padding: 0 14px;
  border: 1px solid var(--line);
  border-radius: 6px;
  cursor: pointer;
}
.add:focus-within {
  outline: 2px solid var(--sky);
  outline-offset: 2px;
}
.add input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.busy {
  opacity: 0.6;
}
</style>
