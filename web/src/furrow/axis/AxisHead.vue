<script setup lang="ts">
import { computed } from 'vue'
import { x } from '../scale'
import { ticks, type Level, type View } from './zoom'

/** What is looked at, from years to days, and the days along it. */
const props = defineProps<{ view: View; level: Level; width: number }>()
defineEmits<{ go: [level: Level]; closer: []; farther: [] }>()
const LEVELS: [Level, string][] = [
  ['years', 'Years'],
  ['season', 'Season'],
  ['month', 'Month'],
  ['days', 'Days'],
]
/** Less room than this between two is too little for their names, px. */
const [ROOM, SHORT] = [44, 26] as const
const marks = computed(() => {
  const scale = { ...props.view, width: props.width }
  const all = ticks(props.view)
  const apart = all.length > 1 ? props.width / all.length : ROOM
  const every = Math.max(1, Math.ceil((props.level === 'season' ? SHORT : ROOM) / apart))
  return all
    .filter((_, i) => i % every === 0)
    .map((t) => ({
      ...t,
      left: x(scale, t.day),
      said: props.level === 'season' && apart < ROOM ? t.name.charAt(0) : t.name,
    }))
})
</script>

<template>
  <div class="head">
    <div class="levels no-print" role="group" aria-label="How much of its time is looked at">
      <button
        v-for="[key, name] in LEVELS"
        :key="key"
        :aria-pressed="level === key"
        @click="$emit('go', key)"
      >
        {{ name }}
      </button>
      <span class="grow" />
      <button aria-label="Look farther away" @click="$emit('farther')">−</button>
      <button aria-label="Look closer" @click="$emit('closer')">+</button>
    </div>
    <div class="ticks" aria-hidden="true">
      <span v-for="t in marks" :key="t.day" :style="{ left: t.left + 'px' }">{{ t.said }}</span>
    </div>
  </div>
</template>

<style scoped>
.levels {
  display: flex;
  gap: 4px;
  margin-bottom: 4px;
}
.levels button {
  min-height: 30px;
  min-width: 34px;
  padding: 2px 10px;
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
.ticks {
  position: relative;
  height: 18px;
  overflow: hidden;
  font-size: 12px;
  color: var(--muted);
  white-space: nowrap;
}
.ticks span {
  position: absolute;
  padding-left: 4px;
  border-left: 1px solid var(--rule);
}
@media (max-width: 700px) {
  .levels button {
    min-height: 44px;
    min-width: 44px;
  }
}
</style>
