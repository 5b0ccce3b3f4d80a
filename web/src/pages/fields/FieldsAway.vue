<script setup lang="ts">
import { alter, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayFullDay } from '../../words/days'

/** Fields that were taken off the farm lately, to be brought back with all that was on them. */
const session = useSession()
const { data: away } = useRead('/api/farms/{farmId}/fields/away')
const bringBack = (fieldId: string, name: string) =>
  attempt(async () => {
    await alter('POST', '/api/farms/{farmId}/fields/{fieldId}/restore', { path: { fieldId } })
    notice.show(`${name} is back, with its plans and its log.`)
  })
</script>

<template>
  <section v-if="away?.length" class="card mt-4 no-print">
    <h2>Taken off lately</h2>
    <p class="muted">Kept for a while with their plans and logs.</p>
    <ul>
      <li v-for="a in away" :key="a.id" class="row">
        <b>{{ a.name }}</b>
        <span class="muted grow">until {{ sayFullDay(a.until.slice(0, 10)) }}</span>
        <v-btn
          v-if="session.owner"
          size="small"
          variant="outlined"
          :aria-label="`Bring ${a.name} back`"
          @click="bringBack(a.id, a.name)"
          >Bring back</v-btn
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  padding: 0;
  margin-top: 8px;
  list-style: none;
}
li + li {
  margin-top: 6px;
}
</style>
