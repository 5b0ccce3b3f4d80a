<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRead } from '../../farm/data'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { kindOf } from '../field/entries'

/** What is different from yesterday: odds the weather moved, with what moved them, and the log. */
const session = useSession()
const { data: since, trouble } = useRead('/api/farms/{farmId}/since-yesterday')
const FEW = 5
const all = ref(false)
const moved = computed(() => since.value?.moved ?? [])
const shown = computed(() => (all.value ? moved.value : moved.value.slice(0, FEW)))
const share = (years: number, of: number) => `${(100 * years) / of}%`
</script>

<template>
  <section class="card">
    <h2 class="mb-2">Since yesterday</h2>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <p v-else-if="!since" class="muted">Looking at yesterday…</p>
    <template v-else>
      <p class="mb-2">
        {{
          since.rainMm ? `${session.amount(since.rainMm, 'MM')} of rain.` : 'No rain to speak of.'
        }}
        <template v-if="!moved.length">The odds of all fields stand as they stood.</template>
      </p>
      <ol class="list">
        <li v-for="m in shown" :key="m.fieldId" class="one">
          <router-link :to="`/fields/${m.fieldId}`">{{ m.field }}</router-link>
          <span
            class="bar"
            role="img"
            :aria-label="`${m.before} of ${m.years} yesterday, ${m.now} of ${m.years} now`"
          >
            <span class="was" :style="{ left: share(m.before, m.years) }" />
            <span
              class="move"
              :class="{ worse: m.now < m.before }"
              :style="{
                left: share(Math.min(m.before, m.now), m.years),
                width: share(Math.abs(m.now - m.before), m.years),
              }"
            />
            <span class="now" :style="{ left: share(m.now, m.years) }" />
          </span>
          <span class="n" :class="{ rust: m.now < m.before }"
            >{{ m.before }} → <b>{{ m.now }}</b> of {{ m.years }}</span
          >
          <span class="muted why">{{
            sentence([m.purpose, ...m.why.map((w) => session.reason(w))].join(', '))
          }}</span>
        </li>
      </ol>
      <p v-if="moved.length > FEW" class="mt-2">
        <button class="link" @click="all = !all">
          {{ all ? 'Fewer' : `${moved.length - FEW} more` }}
        </button>
      </p>
      <p v-for="w in since.written" :key="w.fieldId + w.kind + w.words" class="small mt-1">
        {{ sayDay(w.doneOn) }}:
        <router-link :to="`/fields/${w.fieldId}`">{{ w.field }}</router-link>
        {{ kindOf(session.entryKinds, w.kind)?.label ?? w.kind
        }}<template v-if="w.words">, {{ w.words }}</template>
      </p>
    </template>
  </section>
</template>

<style scoped>
.list {
  list-style: none;
  padding: 0;
}
.one {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(56px, 92px) 104px;
  gap: 2px 10px;
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}
.one .n {
  text-align: right;
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
}
.why {
  grid-column: 1 / -1;
  font-size: 0.82rem;
}
.bar {
  position: relative;
  height: 12px;
  border-bottom: 1px solid var(--muted);
}
.bar span {
  position: absolute;
}
.was,
.now {
  bottom: -1px;
  width: 2px;
  height: 12px;
  margin-left: -1px;
  background: var(--muted);
}
.now {
  width: 9px;
  height: 9px;
  bottom: 1px;
  margin-left: -4px;
  border-radius: 50%;
  background: var(--leaf);
}
.move {
  bottom: 4px;
  height: 3px;
  background: var(--leaf);
}
.move.worse,
.worse + .now {
  background: var(--rust);
}
</style>
