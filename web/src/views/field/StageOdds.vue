<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

defineProps<{ species: Schemas['SpeciesView'][] }>()
const session = useSession()
</script>

<template>
  <section class="card">
    <h2>What becomes of it</h2>
    <div v-for="s in species" :key="s.name" class="mt-2">
      <h3>{{ s.name }}</h3>
      <p class="muted small">
        {{ session.amount(s.plantsLow, 'PER_M2') }} to
        {{ session.amount(s.plantsHigh, 'PER_M2') }} plants come up;
        {{ session.amount(s.winterSurvival, 'SHARE') }} winter in the middle year
      </p>
      <table class="plain">
        <thead>
          <tr>
            <th>stage</th>
            <th>early</th>
            <th>middle</th>
            <th>late</th>
            <th class="n">reached in</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="g in s.stages.filter((g) => g.yearsReached > 0)" :key="g.name">
            <td>{{ sentence(g.name) }}</td>
            <td>{{ g.early ? sayDay(g.early) : '–' }}</td>
            <td>
              <b>{{ g.middle ? sayDay(g.middle) : '–' }}</b>
            </td>
            <td>{{ g.late ? sayDay(g.late) : '–' }}</td>
            <td class="n">{{ g.yearsReached }} of {{ g.years }} years</td>
          </tr>
        </tbody>
      </table>
      <p v-if="!s.stages.some((g) => g.yearsReached > 0)" class="small">
        No stage is reached: it dies first.
      </p>
    </div>
    <p class="muted small mt-2">
      Early and late leave out one year in ten on either side. What you see in the field outranks
      all of it.
    </p>
  </section>
</template>

<style scoped>
.small {
  font-size: 0.84rem;
}
</style>
