<script setup lang="ts">
import { useUnsaid } from '../../catchUp'
import { sayDay } from '../../words/days'

/**
 * How much nobody has said anything of, and the way to say it. Offline, or on a farm without weather,
 * there is nothing to add.
 */
const { data: unsaid } = useUnsaid()
</script>

<template>
  <p v-if="unsaid?.length" class="line no-print" role="status">
    <span class="rust">
      {{ unsaid.length }} {{ unsaid.length === 1 ? 'thing' : 'things' }} should have happened since
      {{ sayDay(unsaid[0]!.meantFor) }}.
    </span>
    <router-link to="/catch-up">Say what became of them</router-link>
  </p>
</template>

<style scoped>
.line {
  margin: 0 0 4px;
}
</style>
