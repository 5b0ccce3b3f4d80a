<script setup lang="ts">
import { HEIGHTS, type RowHeight } from '../../furrow/heights'

/** How tall each field's season is drawn: tall to work on, in rows, or as threads to see all. */
const height = defineModel<RowHeight>({ required: true })
/** Three lines for threads, two for rows, a hill for tall ones. */
const LOOKS: Record<RowHeight, string> = {
  tall: 'M2 15h16M4 15c2-9 6-11 8-8s2 6 4 8',
  row: 'M2 8h16M2 16h16M5 8c1-4 4-4 5 0M9 16c1-4 4-4 5 0',
  thread: 'M2 5h16M2 10h16M2 15h16',
}
</script>

<template>
  <div class="heights" role="group" aria-label="Height of rows">
    <button
      v-for="h in HEIGHTS"
      :key="h.key"
      :aria-pressed="height === h.key"
      :aria-label="h.title"
      :title="h.title"
      @click="height = h.key"
    >
      <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true">
        <path :d="LOOKS[h.key]" />
      </svg>
    </button>
  </div>
</template>

<style scoped>
.heights {
  display: flex;
  border: 1px solid var(--line);
  border-radius: 8px;
  overflow: hidden;
}
button {
  padding: 8px 10px;
  min-height: 40px;
  cursor: pointer;
}
button + button {
  border-left: 1px solid var(--rule);
}
button[aria-pressed='true'] {
  background: var(--soil);
  color: #f4efe6;
}
path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 1.6;
  stroke-linecap: round;
}
</style>
