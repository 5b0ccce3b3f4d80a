<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { sayDay } from '../../words/days'
import AgainstChart from './AgainstChart.vue'
import { verdict } from './against'

/** One kind of forecast against what came, and whether the farm takes it. */
const props = defineProps<{ learnt: Schemas['LearntView'] }>()
const session = useSession()
const share = (value: number) => session.amount(value, 'SHARE')
const say = (value: number) => session.amount(value, props.learnt.unit)
const odd = computed(() => props.learnt.records.filter((r) => !r.usual).length)
const records = computed(() => [...props.learnt.records].reverse())
const take = (taken: boolean | null) =>
  attempt(() =>
    alter('PUT', '/api/farms/{farmId}/learnt/{what}', {
      path: { what: props.learnt.what },
      body: { taken: !!taken },
    }),
  )
</script>

<template>
  <section class="card mb-4">
    <div class="row">
      <h2 class="grow">{{ learnt.label }}</h2>
      <v-switch
        v-if="learnt.correction.n"
        :model-value="learnt.taken"
        :disabled="!session.owner"
        label="correct forecasts"
        color="primary"
        density="compact"
        hide-details
        @update:model-value="take"
      />
    </div>
    <p class="my-2">{{ verdict(learnt, share) }}</p>
    <p v-if="learnt.correction.n < learnt.from" class="muted small">
      To learn it, {{ learnt.how }}. It will change {{ learnt.usedFor }}.
    </p>
    <p v-else class="muted small">It changes {{ learnt.usedFor }}.</p>
    <p v-if="odd" class="muted small">
      {{ odd }} set aside, the open dots: less than a third or more than three times of what was
      said is a failure or a slip.
    </p>
    <div v-if="learnt.records.length" class="both mt-3">
      <AgainstChart :learnt="learnt" />
      <div>
        <p v-for="o in learnt.own" :key="o.name" class="small">
          <b>{{ o.name }}</b>: {{ share(o.factor.factor) }} by {{ o.factor.n }} records of its own
        </p>
        <details :open="records.length < 8">
          <summary class="muted">The records</summary>
          <table class="plain small">
            <thead>
              <tr>
                <th>Day</th>
                <th>Field</th>
                <th class="n">Said</th>
                <th class="n">Came</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(r, i) in records" :key="i">
                <td>{{ sayDay(r.on) }} {{ r.on.slice(0, 4) }}</td>
                <td>
                  {{ r.field }}<span v-if="r.name" class="muted">, {{ r.name }}</span>
                </td>
                <td class="n">{{ say(r.predicted) }}</td>
                <td class="n">{{ say(r.actual) }}</td>
              </tr>
            </tbody>
          </table>
        </details>
      </div>
    </div>
  </section>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: minmax(240px, 330px) 1fr;
  gap: 20px;
}
@media (max-width: 700px) {
  .both {
    grid-template-columns: 1fr;
  }
}
</style>
