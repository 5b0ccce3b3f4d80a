<script setup lang="ts">
import { computed } from 'vue'
import { alter } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { letter, type TrialView } from './strips'

/** The ways of a trial as fields of their own, each planned, done and logged by itself. */
const props = defineProps<{ trial: TrialView }>()
const session = useSession()
const address = '/api/farms/{farmId}/trials/{trialId}/parts' as const
const apart = computed(() => props.trial.parts.length > 0)

/** What is over is not parted any more. */
const now = computed(() => props.trial.season >= (session.farm?.thisSeason ?? 0))

const put = (to: boolean, version = props.trial.version) =>
  attempt(() =>
    alter('POST', address, { path: { trialId: props.trial.id }, body: { version, apart: to } }),
  )
async function turn(to: boolean) {
  const is = await put(to)
  if (is) {
    const words = to
      ? `The ways on ${props.trial.field} are planned and worked apart.`
      : `${props.trial.field} is one field again.`
    notice.show(words, 'Undo', () => put(!to, is.version))
  }
}
</script>

<template>
  <section class="no-print mt-3">
    <template v-if="apart">
      <p class="muted small">
        Each way is a part of the field, with plan, work and record of its own:
      </p>
      <ul class="parts">
        <li v-for="p in trial.parts" :key="p.fieldId">
          <b>{{ p.treatment === undefined ? '' : letter(p.treatment) }}</b>
          <router-link :to="`/fields/${p.fieldId}`">{{ p.name }}</router-link>
          <span class="muted n">{{ session.amount(p.areaHa, 'HA') }}</span>
        </li>
      </ul>
      <v-btn v-if="session.owner" variant="outlined" @click="turn(false)">One field again</v-btn>
    </template>
    <template v-else-if="session.owner && now && trial.strips[0]?.ring.length">
      <v-btn variant="outlined" @click="turn(true)">Plan its ways apart</v-btn>
      <p class="muted small mt-2">
        The strips of each way become a part of {{ trial.field }} for a while.
      </p>
    </template>
  </section>
</template>

<style scoped>
.parts {
  list-style: none;
  padding: 0;
  margin: 0 0 10px;
  max-width: 420px;
}
.parts li {
  display: flex;
  gap: 10px;
  padding: 3px 0;
}
.parts b {
  width: 1em;
}
.parts .n {
  margin-left: auto;
}
@media (max-width: 760px) {
  .parts li {
    min-height: 44px;
    align-items: center;
  }
}
</style>
