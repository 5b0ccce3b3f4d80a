<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { drop, flush, waiting, type Waiting } from '../outbox'
import { tidy } from '../pictures/sending'
import MendEntry from '../pages/field/MendEntry.vue'
import { counted } from '../words/lists'
import { sentence } from '../words/reasons'
import { notice } from './notice'
import NoSignal from './NoSignal.vue'

/** What is on this phone and not sent yet, in sight on every page; what was refused says why. */
const refused = computed(() => waiting.value.filter((w) => w.problem))
const mending = ref<Waiting | null>(null)
const unsent = computed(() => waiting.value.filter((w) => !w.problem))

onMounted(() => void tidy(waiting.value))

function forget(w: Waiting) {
  const before = waiting.value
  drop(w)
  const dropped = before.filter((o) => !waiting.value.includes(o))
  notice.show(`Dropped: ${w.said}.`, 'Undo', () => (waiting.value = [...waiting.value, ...dropped]))
}
</script>

<template>
  <div>
    <NoSignal />
    <aside v-if="waiting.length" class="waiting no-print" aria-label="Not sent yet">
      <details :open="refused.length > 0">
        <summary role="status">
          <template v-if="unsent.length">
            {{ counted(unsent.length, 'entry waits', 'entries wait') }} on this phone for a signal.
          </template>
          <template v-if="refused.length">
            {{ counted(refused.length, 'entry was', 'entries were') }} refused and kept here.
          </template>
        </summary>
        <ul>
          <li v-for="(w, i) in waiting" :key="i">
            {{ sentence(w.said) }}<span v-if="w.problem" class="rust">: {{ w.problem }}</span>
            <router-link v-if="w.fieldId" :to="`/fields/${w.fieldId}`">its field</router-link>
            <button v-if="w.problem && w.fieldId" class="link" @click="mending = w">Mend it</button>
            <button v-if="w.problem" class="link" @click="forget(w)">Drop it</button>
          </li>
        </ul>
        <button v-if="unsent.length" class="link" @click="flush">Try now</button>
      </details>
      <MendEntry v-if="mending" :waiting="mending" @close="mending = null" />
    </aside>
  </div>
</template>

<style scoped>
.waiting {
  background: var(--paper-2);
  border-bottom: 1px solid var(--rule);
  padding: 6px 16px;
}
summary {
  min-height: 32px;
  line-height: 32px;
}
ul {
  padding-left: 18px;
}
li > * {
  margin-left: 8px;
}
</style>
