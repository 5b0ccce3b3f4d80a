<script setup lang="ts">
import { ref } from 'vue'
import { useRead } from '../../farm/data'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSession } from '../../session'
import { sayFullDay } from '../../words/days'
import CabJob from './CabJob.vue'
import { cautionsOf } from './sheets'

/** A sheet for each machine, or person on foot, to hang in the cab. */
const WEEKS = [1, 2, 4, 8]
const WEEK = 7
const session = useSession()
const weeks = ref(WEEKS[1]!)
const { data, trouble } = useRead('/api/farms/{farmId}/field-work/sheets', () => ({
  query: { days: weeks.value * WEEK },
}))
const print = () => window.print()
</script>

<template>
  <div class="page sheets">
    <header class="row mb-3 no-print">
      <div class="grow">
        <h1>Sheets for the cab</h1>
        <p class="muted">One for each machine, with what its driver must know.</p>
      </div>
      <v-select
        v-model="weeks"
        class="weeks"
        label="Ahead"
        :items="WEEKS.map((w) => ({ value: w, title: w === 1 ? 'one week' : `${w} weeks` }))"
      />
      <v-btn color="primary" :disabled="!data?.sheets.length" @click="print">Print</v-btn>
    </header>
    <ReadTrouble what="The sheets" :trouble="trouble" />
    <p v-if="!data && !trouble" class="muted" role="status">Gathering what goes on them…</p>
    <p v-if="data && !data.sheets.length" class="card">
      Nothing is laid out for these days.
      <router-link to="/work">Lay out the work</router-link> and keep it; then the sheets are here.
    </p>
    <section v-for="s in data?.sheets ?? []" :key="s.doerId" class="card sheet">
      <h2>{{ s.doer }}</h2>
      <p class="muted">
        {{ session.farm?.name }} · {{ sayFullDay(data!.from) }} to {{ sayFullDay(data!.to) }} ·
        {{ s.jobs.length }} {{ s.jobs.length === 1 ? 'job' : 'jobs' }}
      </p>
      <CabJob v-for="j in s.jobs" :key="j.itemId" :job="j" />
      <ul class="small cautions" aria-label="Cautions">
        <li v-for="c in cautionsOf(s, session.reason)" :key="c">▲ {{ c }}.</li>
      </ul>
      <p class="small">
        Labels, manuals and local rules govern; this sheet does not. Printed
        {{ session.farm ? sayFullDay(session.farm.today) : '' }}.
      </p>
    </section>
  </div>
</template>

<style scoped>
.sheets {
  max-width: 900px;
}
.weeks {
  flex: 0 0 130px;
}
.sheet {
  margin-bottom: 16px;
}
.cautions {
  padding-left: 0;
  margin-top: 10px;
  list-style: none;
}
@media print {
  .sheet {
    break-after: page;
  }
  .sheet:last-child {
    break-after: auto;
  }
}
</style>
