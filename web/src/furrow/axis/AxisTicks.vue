<script setup lang="ts">
import { computed } from 'vue'
import { x } from '../scale'
import { ticks, type Level, type View } from './zoom'

/** The years, months, weeks or days along an axis. */
const props = defineProps<{ view: View; level: Level; width: number }>()
/** Less room than this between two is too little for their names, for a month's name, and for its letter, px. */
const [ROOM, MONTH, SHORT] = [44, 29, 26] as const
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
      said: props.level === 'season' && apart < MONTH ? t.name.charAt(0) : t.name,
    }))
})
</script>

<template>
  <div class="ticks" aria-hidden="true">
    <span v-for="t in marks" :key="t.day" :style="{ left: t.left + 'px' }">{{ t.said }}</span>
  </div>
</template>

<style scoped>
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
</style>
