<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import { useSession } from '../../session'
import { between, sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

/** Which fields can be seeded this week, by way of seeding. */
const session = useSession()
const { data: view, trouble } = useRead('/api/farms/{farmId}/open')
const all = ref(false)

/** Ways that have a machine, and all others on demand. */
const ways = computed(() =>
  (view.value?.ways ?? [])
    .map((w) => ({ ...w, fields: w.fields.filter((f) => !f.seeded) }))
    .filter((w) => w.fields.length && (all.value || w.machines.length)),
)
const area = (w: Schemas['OpenWay']) => w.fields.reduce((sum, f) => sum + f.areaHa, 0)

const days = (n: number) => `${n} ${n === 1 ? 'day' : 'days'}`

function left(day: string): string {
  const days = between(view.value?.from ?? day, day)
  return days <= 0 ? 'last day' : `${days} ${days === 1 ? 'day' : 'days'} left`
}
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <div class="grow">
        <h1>Seed this week</h1>
        <p v-if="view" class="muted">
          Fields that can be seeded from {{ sayDay(view.from) }} to {{ sayDay(view.to) }}, soonest
          to close first. <b>●</b> is planned this way.
        </p>
      </div>
      <v-btn variant="text" class="no-print" @click="all = !all">
        {{ all ? 'Only ways with a machine' : 'All ways' }}
      </v-btn>
    </header>
    <p v-if="trouble" class="card">{{ trouble }}</p>
    <p v-else-if="!view" class="muted" role="status">Looking at every field and every machine…</p>
    <p v-else-if="!ways.length" class="card">
      Nothing can be seeded this week by the machines in the shed.
      <router-link to="/shed">Look at the shed</router-link>
    </p>
    <div class="ways">
      <section v-for="w in ways" :key="w.method" class="card">
        <h2>{{ sentence(w.label) }}</h2>
        <p class="muted small">
          {{ w.machines.length ? w.machines.join(', ') : 'no machine in the shed' }} ·
          {{ w.fields.length }} {{ w.fields.length === 1 ? 'field' : 'fields' }},
          {{ session.amount(area(w), 'HA') }}
        </p>
        <p v-if="w.race" :class="{ rust: w.race.late }" class="small">
          {{ w.race.fields }} planned this way: {{ session.amount(w.race.hours, 'HOURS', 0) }},
          {{ days(Math.ceil(w.race.daysNeeded)) }} of ten hours. The machine has
          {{ days(w.race.daysToFirst) }} until the first of them closes<template
            v-if="w.race.fields > 1"
            >, {{ days(w.race.daysToLast) }} until the last does</template
          >.
          <template v-if="w.race.late"
            ><b>{{ w.race.late }} would be late:</b> begin sooner, or find another
            machine.</template
          >
        </p>
        <table class="plain">
          <tbody>
            <tr v-for="f in w.fields" :key="f.fieldId" :class="{ mine: f.mine }">
              <td class="dot">{{ f.mine ? '●' : '' }}</td>
              <td>
                <router-link :to="f.mine ? `/fields/${f.fieldId}/job` : `/fields/${f.fieldId}`">{{
                  f.name
                }}</router-link>
                <div class="muted small">
                  {{ session.amount(f.areaHa, 'HA') }}
                  <template v-if="f.fits.length">
                    · fits: {{ f.fits.slice(0, 4).join(', ')
                    }}{{ f.fits.length > 4 ? ' and others' : '' }}</template
                  >
                </div>
              </td>
              <td>
                <template v-if="f.opens > view!.from">opens {{ sayDay(f.opens) }}, </template>
                closes {{ sayDay(f.closes) }}
                <span class="tag" :class="{ bad: between(view!.from, f.closes) < 4 }">{{
                  left(f.closes)
                }}</span>
                <div class="muted small">{{ sentence(session.reason(f.closesReason)) }}</div>
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>
  </div>
</template>

<style scoped>
.ways {
  columns: 2 420px;
  column-gap: 16px;
}
.ways > section {
  break-inside: avoid;
  margin-bottom: 16px;
}
.dot {
  width: 18px;
  color: var(--leaf);
}
.mine td {
  font-weight: 600;
}
.small {
  font-size: 0.83rem;
  font-weight: 400;
}
</style>
