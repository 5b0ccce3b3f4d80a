<script setup lang="ts">
import { onMounted, watch } from 'vue'
import { loadUnsaid, unsaid } from '../../catchUp'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'

/** How much nobody has said anything of, and the way to say it. */
const session = useSession()
// Offline, or on a farm without weather, there is nothing to add.
const load = () => session.farm && void loadUnsaid(session.farm.id).catch(() => undefined)
onMounted(load)
watch(() => [session.farm?.id, session.farm?.today], load)
</script>

<template>
  <p v-if="unsaid.length" class="line no-print" role="status">
    <span class="rust">
      {{ unsaid.length }} {{ unsaid.length === 1 ? 'thing' : 'things' }} should have happened since
      {{ sayDay(unsaid[0]!.meantFor) }}.
    </span>
    <router-link to="/catch-up">Say what became of them</router-link>
  </p>
</template>

<style scoped>
.line {
  margin: 0 0 10px;
}
</style>
