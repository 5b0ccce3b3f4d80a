<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import { waiting } from '../../outbox'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import PapersButton from '../../papers/PapersButton.vue'
import PictureStrip from '../../pictures/PictureStrip.vue'
import CorrectEntry from './CorrectEntry.vue'
import EntryLine from './EntryLine.vue'
import LogForm from './LogForm.vue'

/** What was done and seen on a field, and what of it moves the forecast. */
const props = defineProps<{
  fieldId: string
  history: Schemas['ChangeView'][]
  today: string
  moved: Schemas['SightingEffect'][]
  /** Species of the cover. */
  species: string[]
  /** What the plan means to seed with. */
  machine?: string
}>()
const session = useSession()
const { data: log } = useRead('/api/farms/{farmId}/fields/{fieldId}/log', () => ({
  path: { fieldId: props.fieldId },
}))
const crops = computed(() => log.value?.crops ?? [])
const correcting = ref<Schemas['Recorded'] | null>(null)
const movedBy = (id: string) => props.moved.find((m) => m.entry.id === id)
const here = computed(() => waiting.value.filter((w) => w.fieldId === props.fieldId))
</script>

<template>
  <section class="card">
    <div class="row">
      <h2 class="grow">What was done and seen</h2>
      <PapersButton class="no-print" holder="field" :holder-id="fieldId" title="this field" />
    </div>
    <LogForm
      v-if="session.operator"
      :field-id="fieldId"
      :today="today"
      :species="species"
      :crops="crops"
      :machine="machine"
    />
    <PictureStrip :field-id="fieldId" />
    <ul class="log">
      <li v-for="w in here" :key="w.about" class="rust">
        {{ sentence(w.said) }}, {{ w.problem ? 'refused' : 'waits to be sent' }}
      </li>
      <EntryLine
        v-for="r in log?.entries"
        :key="r.entry.id"
        :recorded="r"
        :field-id="fieldId"
        :crops="crops"
        :moved="movedBy(r.entry.id)?.changes ?? []"
        :expected="movedBy(r.entry.id)?.expected"
        @correct="correcting = r"
      />
      <li v-if="log && !log.entries.length && !here.length" class="muted">
        Nothing written down yet.
      </li>
    </ul>
    <CorrectEntry
      v-if="correcting"
      :key="correcting.entry.id"
      :field-id="fieldId"
      :recorded="correcting"
      :today="today"
      :species="species"
      :crops="crops"
      @close="correcting = null"
    />
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
  padding: 4px 0;
}
.undone {
  opacity: 0.6;
}
</style>
