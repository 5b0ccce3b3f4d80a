<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import FurrowThread from '../../furrow/FurrowThread.vue'
import FieldPicture from './FieldPicture.vue'
import { useRoom } from '../../parts/paper'
import { anchorOf, type Question } from './questions'
import { useDateOdds } from './useDateOdds'

/** Where on a field's way one is: the field, its seeding, its counts, its ending; its season under them. */
defineProps<{ outcomes?: readonly Schemas['EndingRow'][] }>()
const route = useRoute()
const fieldId = computed(() => String(route.params.id))
const { data: shown } = useRead('/api/farms/{farmId}/fields/{fieldId}/season', () => ({
  path: { fieldId: fieldId.value },
}))
const box = useTemplateRef<HTMLElement>('box')
const width = useRoom(box)
/** Height of the season under the steps, and the width from which there is room for its axis, px. */
const [HEIGHT, WIDE] = [34, 700] as const
/** What a step is about: its days are looked at from near. */
const ABOUT: Record<string, Question> = { job: 'how', end: 'end' }
const about = computed(() => ABOUT[route.path.split('/').at(-1) ?? ''])
const plan = computed(() => shown.value?.furrow.plan?.plan ?? null)
const goaled = computed(() => (shown.value?.goals.length ? plan.value : null))
const anchor = computed(() => anchorOf(about.value ?? null, plan.value, shown.value))
const STEPS = [
  { to: '', name: 'Field' },
  { to: '/job', name: 'Seeding job' },
  { to: '/walk', name: 'Count' },
  { to: '/end', name: 'Ending' },
]
const { odds } = useDateOdds(
  () => fieldId.value,
  // Only where there is room for the axis that shows them.
  () =>
    about.value === 'how' && width.value > WIDE && !shown.value?.furrow.seededOn
      ? goaled.value
      : null,
)
const path = (to: string) => `/fields/${fieldId.value}${to}`
</script>

<template>
  <div ref="box" class="journey no-print">
    <nav aria-label="On this field">
      <router-link
        v-for="s in STEPS"
        :key="s.to"
        :to="path(s.to)"
        :aria-current="route.path === path(s.to) ? 'page' : undefined"
        >{{ s.name }}</router-link
      >
    </nav>
    <FieldPicture
      v-if="about && width > WIDE"
      :key="about"
      :shown="shown"
      :plan="plan"
      :odds="odds"
      :anchor="anchor"
      :outcomes="outcomes"
      first="month"
      low
    />
    <FurrowThread
      v-else-if="shown && width"
      :furrow="shown.furrow"
      :shape="shown.shape"
      :start="shown.start"
      :today="shown.today"
      :width="width"
      :height="HEIGHT"
    />
  </div>
</template>

<style scoped>
.journey {
  margin-bottom: 12px;
  overflow: hidden;
}
nav {
  display: flex;
  gap: 4px;
  margin-bottom: 4px;
  overflow-x: auto;
}
nav a {
  flex: none;
  padding: 6px 12px;
  border: 1px solid var(--rule);
  border-radius: 999px;
  color: inherit;
  font-size: 0.9rem;
  text-decoration: none;
}
nav a:hover {
  background: var(--rule);
}
nav a[aria-current] {
  background: var(--soil);
  border-color: var(--soil);
  color: #f4efe6;
  font-weight: 600;
}
@media (max-width: 700px) {
  nav a {
    padding: 11px 13px;
  }
}
</style>
