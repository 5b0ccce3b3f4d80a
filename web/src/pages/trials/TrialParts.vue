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

/** What the parts' accounts say, where it is not what stands with the ways. */
const otherCosts = computed(() => {
  const ways = props.trial.treatments.map((t, i) => ({
    told: session.amount(t.usdPerHa, 'USD_PER_HA'),
    spent: props.trial.parts[i]?.usdPerHa,
  }))
  return (
    ways.every((w) => w.spent !== undefined) &&
    ways.some((w) => session.amount(w.spent!, 'USD_PER_HA') !== w.told)
  )
})
const costs = (version?: number, usdPerHa?: number[]) =>
  attempt(() =>
    alter('POST', '/api/farms/{farmId}/trials/{trialId}/costs', {
      path: { trialId: props.trial.id },
      body: { version, usdPerHa },
    }),
  )
async function takeCosts() {
  const before = props.trial.treatments.map((t) => t.usdPerHa)
  const is = await costs(props.trial.version)
  if (is) {
    notice.show('The ways cost what their accounts say.', 'Undo', () => costs(is.version, before))
  }
}

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
          <span class="muted n">
            <template v-if="p.usdPerHa !== undefined">
              {{ session.amount(p.usdPerHa, 'USD_PER_HA') }} ·
            </template>
            {{ session.amount(p.areaHa, 'HA') }}
          </span>
        </li>
      </ul>
      <div v-if="session.owner" class="row">
        <v-btn v-if="otherCosts" variant="outlined" @click="takeCosts">Use these costs</v-btn>
        <v-btn variant="outlined" @click="turn(false)">One field again</v-btn>
      </div>
    </template>
    <template v-else-if="session.owner && trial.partable">
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
