<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { sayDay } from '../../words/days'
import { jobKind } from '../../words/work'

/** The kept plan in every year's weather: what gets done, what is the risk, what a day buys. */
defineProps<{ odds: Schemas['OddsView'] | null; busy: boolean; trouble: string }>()
/** So many or more in eight years of ten. */
const usual = (o: Schemas['OddsView']) => o.jobsDone[Math.floor(0.2 * o.jobsDone.length)] ?? 0
</script>

<template>
  <section class="card">
    <h2>Odds of the plan</h2>
    <v-progress-linear v-if="busy" indeterminate height="2" />
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <template v-if="odds">
      <p>
        <b>{{ usual(odds) }} of {{ odds.jobs }} jobs</b> are done in time in 8 years of 10; all of
        them in {{ odds.jobsDone.filter((n) => n >= odds!.jobs).length }} of {{ odds.years }}.
      </p>
      <template v-if="odds.risky.length">
        <p class="mt-2 small">These are the risk:</p>
        <p v-for="r in odds.risky" :key="r.fieldId + r.job" class="small">
          <router-link :to="`/fields/${r.fieldId}`">{{ r.field }}</router-link>,
          {{ jobKind(r.kind) }}: in time in <b>{{ r.done }} of {{ r.years }}</b> years
        </p>
      </template>
      <p v-for="m in odds.more" :key="m.machine + m.day" class="small mt-1">
        One whole day more with {{ m.machine }} about {{ sayDay(m.day) }} would bring
        <b>+{{ m.moreJobs.toFixed(1) }}</b> jobs a year.
      </p>
      <p class="muted small mt-2">
        The kept plan walked in its order through the days each past year left for work; nothing is
        laid out anew.
      </p>
    </template>
  </section>
</template>
