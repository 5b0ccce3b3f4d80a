<script setup lang="ts">
import { useOnline } from '@vueuse/core'
import { computed, watch } from 'vue'
import { deviceSays, keptSince } from '../signal'
import { sayMoment } from '../words/moments'

/** Without a signal: of when what is shown is. */
watch(useOnline(), deviceSays, { immediate: true })
const since = computed(() => (keptSince.value ? sayMoment(new Date(keptSince.value)) : ''))
</script>

<template>
  <p v-if="keptSince !== undefined" class="nosignal no-print" role="status">
    No signal. {{ since ? `What is shown is as of ${since}.` : '' }}
  </p>
</template>

<style scoped>
.nosignal {
  background: var(--soil-band);
  color: var(--ink);
  padding: 6px 16px;
  font-size: 0.9rem;
}
</style>
