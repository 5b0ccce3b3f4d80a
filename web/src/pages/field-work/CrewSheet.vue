<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Furrow, Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import { useSession } from '../../session'
import { sayDay, sayFullDay } from '../../words/days'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'

const session = useSession()
const kinds = useKinds()
const { data: season, trouble } = useRead('/api/farms/{farmId}/season')
const proposals = ref(false)
const PAGE = 200
const most = ref(PAGE)

interface Job {
  day: string
  /** What its field allows, for a seeding. */
  window: string
  what: string
  cautions: string[]
  field: Furrow
  how: string
}

/** Each caution once. */
const said = (...all: (Schemas['ReasonView'][] | undefined)[]) => [
  ...new Set(all.flatMap((list) => list ?? []).map((r) => sentence(session.reason(r)))),
]
const edge = (f: Furrow) =>
  f.window?.possible
    ? `window ${sayDay(f.window.opens.day)} to ${sayDay(f.window.closes.day)}`
    : 'no window as planned'
const jobs = computed<Job[]>(() => {
  const list: Job[] = []
  for (const f of season.value?.furrows ?? []) {
    const p = f.plan?.plan
    if (!p || (p.status !== 'accepted' && !proposals.value)) continue
    const [method, ending] = [kinds.method(p.method), kinds.ending(p.ending)]
    if (!f.seededOn) {
      const rates = p.components.map((c) => {
        const name = session.choices?.species.find((s) => s.id === c.species)?.name ?? c.species
        return `${name} ${session.amount(c.rateKgPerHa, 'KG_PER_HA')}`
      })
      list.push({
        day: p.seedOn,
        window: edge(f),
        what: method?.label ?? p.method,
        cautions: said(f.window?.cautions, method?.safety),
        field: f,
        how: rates.join(', '),
      })
    }
    if (!f.endedOn && !ending?.ofItself)
      list.push({
        day: p.endOn,
        window: '',
        what: ending?.label ?? p.ending,
        cautions: said(ending?.safety),
        field: f,
        how: 'before ' + f.nextCrop,
      })
  }
  return list.sort((a, b) => a.day.localeCompare(b.day))
})

/** The year, where it is not this one. */
const sayYear = (day: string) => {
  const year = day.slice(0, 4)
  return year === session.farm?.today.slice(0, 4) ? '' : ' ' + year
}
const print = () => window.print()
</script>

<template>
  <div class="page sheet">
    <header class="row mb-3">
      <div class="grow">
        <h1>{{ session.farm?.name }}: cover crop jobs</h1>
        <p class="muted">
          as of {{ session.farm ? sayFullDay(session.farm.today) : '' }}, {{ jobs.length }} jobs
        </p>
      </div>
      <v-checkbox v-model="proposals" label="With proposals" class="no-print" />
      <v-btn color="primary" class="no-print" @click="print">Print</v-btn>
    </header>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <p v-if="!jobs.length" class="card">No accepted plan has work left to do.</p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th>day</th>
          <th>field</th>
          <th>job</th>
          <th>with</th>
          <th>done by, notes</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(j, i) in jobs.slice(0, most)" :key="i">
          <td class="day">
            {{ sayDay(j.day) }}{{ sayYear(j.day) }}<br /><span class="muted small">{{
              j.window
            }}</span>
          </td>
          <td>
            <b>{{ j.field.name }}</b><br /><span class="muted"
              >{{ session.amount(j.field.areaHa, 'HA') }}, {{ j.field.crop }}</span
            >
            <span v-if="j.field.organic"><br /><b>organic</b></span>
          </td>
          <td>{{ sentence(j.what) }}</td>
          <td>
            {{ j.how }}
            <div v-for="c in j.cautions" :key="c" class="small">▲ {{ c }}.</div>
          </td>
          <td class="write"></td>
        </tr>
      </tbody>
    </table>
    <v-btn v-if="jobs.length > most" variant="outlined" class="mt-3 no-print" @click="most += PAGE">
      {{ jobs.length - most }} more
    </v-btn>
    <p class="mt-4 small">
      Keep people off machines and away from drums, shafts and aircraft. Treated seed: gloves, and
      no grazing before its label allows. The label of every product is the law; licensed
      applicators and pilots where required.
    </p>
  </div>
</template>

<style scoped>
.sheet {
  max-width: 1000px;
}
.day {
  white-space: nowrap;
}
.write {
  min-width: 130px;
}
tr {
  break-inside: avoid;
}
@media screen and (max-width: 700px) {
  thead {
    display: none;
  }
  tr,
  td {
    display: block;
    border-bottom: 0;
  }
  tr {
    padding: 10px 0;
    border-top: 1px solid var(--rule);
  }
  td {
    padding: 2px 0;
  }
  .write {
    display: none;
  }
}
</style>
