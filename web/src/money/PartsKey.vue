<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'

/** Which colour is which part of some moneys, and what the needle is. */
const props = defineProps<{ of: { parts: Schemas['PartUsd'][] }[] }>()
const parts = computed(() => {
  const all = new Map<string, string>()
  for (const m of props.of) for (const p of m.parts) all.set(p.part, p.label)
  return [...all].map(([key, label]) => ({ key, label }))
})
</script>

<template>
  <p class="key small">
    <span v-for="p in parts" :key="p.key" class="nowrap">
      <i :class="['swatch', p.key]" /> {{ p.label }}
    </span>
    <span class="nowrap"><i class="needle" /> all of it</span>
  </p>
</template>

<style scoped src="./parts.css"></style>
<style scoped>
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin: 8px 0;
}
</style>
