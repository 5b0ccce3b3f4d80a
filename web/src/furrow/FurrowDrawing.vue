<script setup lang="ts">
import { drawing } from './marks'

/** A tool's own drawing beside words. */
defineProps<{ kind: string }>()
</script>

<template>
  <svg class="drawing" viewBox="0 0 20 20" width="18" height="18" aria-hidden="true">
    <path :d="drawing(kind)" />
  </svg>
</template>

<style scoped>
.drawing {
  flex: none;
}
path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 1.5;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
