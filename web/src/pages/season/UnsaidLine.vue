<script setup lang="ts">
import { useUnsaid } from '../../catchUp'
import { sayDay } from '../../words/days'

/**
 * How much nobody has said anything of, and the way to say it. Offline, or on a farm without weather,
 * there is nothing to add.
 */
// While it is asked for its line is kept free: rows must not move under a hand that drags.
const { data: unsaid, busy } = useUnsaid()
</script>

<template>
  <p v-if="(busy && !unsaid) || unsaid?.length" class="line no-print" role="status">
    <template v-if="unsaid?.length">
      <span class="rust">
        {{ unsaid.length }} {{ unsaid.length === 1 ? 'thing' : 'things' }} should have happened
        since {{ sayDay(unsaid[0]!.meantFor) }}.
      </span>
      <router-link to="/catch-up">Say what became of them</router-link>
    </template>
  </p>
</template>

<style scoped>
.line {
  min-height: 1.4em;
  margin: 0 0 4px;
}
</style>
