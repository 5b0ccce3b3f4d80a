<script setup lang="ts">
import type { Level } from './zoom'

/** What is looked at, from years to days; bare without the steps between, where two fingers do it. */
withDefaults(defineProps<{ level: Level; levels?: readonly Level[]; bare?: boolean }>(), {
  levels: () => ['years', 'season', 'month', 'days'] as const,
})
defineEmits<{ go: [level: Level]; closer: []; farther: [] }>()
const NAMES: Record<Level, string> = {
  years: 'Years',
  season: 'Season',
  month: 'Month',
  days: 'Days',
}
</script>

<template>
  <div class="levels no-print" role="group" aria-label="How much of its time is looked at">
    <button
      v-for="key in levels"
      :key="key"
      :aria-pressed="level === key"
      @click="$emit('go', key)"
    >
      {{ NAMES[key] }}
    </button>
    <template v-if="!bare">
      <span class="grow" />
      <button aria-label="Look farther away" @click="$emit('farther')">−</button>
      <button aria-label="Look closer" @click="$emit('closer')">+</button>
    </template>
  </div>
</template>

<style scoped>
.levels {
  display: flex;
  gap: 3px;
  margin-bottom: 4px;
}
.levels button {
  flex: none;
  min-height: 30px;
  min-width: 30px;
  padding: 2px 8px;
  border-radius: 999px;
  font-size: 0.86rem;
  color: var(--muted);
}
.levels button:hover {
  background: color-mix(in srgb, var(--rule) 50%, transparent);
}
.levels button[aria-pressed='true'] {
  background: color-mix(in srgb, var(--rule) 75%, transparent);
  color: var(--ink);
  font-weight: 600;
}
.grow {
  flex: 1;
}
@media (max-width: 700px) {
  .levels button {
    flex: none;
    min-height: 44px;
    min-width: 44px;
  }
}
</style>
