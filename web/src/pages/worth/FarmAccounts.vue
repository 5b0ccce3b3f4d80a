<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import { reach, sides } from '../../money/beam'
import PartsKey from '../../money/PartsKey.vue'
import StackedBeam from '../../money/StackedBeam.vue'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import CoverAccounts from './CoverAccounts.vue'

/** All covers of some years together: what they cost and bring an area, by what they have in common. */
const session = useSession()
const now = computed(() => session.farm?.thisSeason ?? 0)
const back = ref(0)
const by = ref<Schemas['SumsBy']['by']>('cover')
const { data, trouble, again } = useRead('/api/farms/{farmId}/accounts', () =>
  now.value ? { query: { first: now.value - back.value, last: now.value } } : null,
)
const spans = computed(() =>
  [0, 1, 2, 4].map((n) => ({
    title: n ? `${now.value - n} to ${now.value}` : `${now.value}`,
    value: n,
  })),
)
const ways = computed(() =>
  (data.value?.sums ?? [])
    .filter((s) => s.sums.length)
    .map((s) => ({ title: sentence(s.label), value: s.by })),
)
const sums = computed(() => data.value?.sums.find((s) => s.by === by.value)?.sums ?? [])
/** Parts an area, so that large fields and small ones stand beside each other. */
const perArea = (s: Schemas['SumView']) =>
  s.parts.map((p) => ({ key: p.part, label: p.label, usd: p.usd / s.areaHa }))
const scale = computed(() => reach(sums.value.flatMap((s) => sides(perArea(s)))))
const money = (usd: number) => session.amount(usd, 'USD_PER_HA')
</script>

<template>
  <section class="card mb-4">
    <div class="row mb-2">
      <h2 class="grow">What covers cost and bring</h2>
      <v-select v-model="by" :items="ways" label="By" class="pick" />
      <v-select v-model="back" :items="spans" label="Years" class="pick" />
    </div>
    <ReadTrouble v-if="!data" what="The accounts" :trouble="trouble" @again="again" />
    <p v-else-if="!data.covers.length" class="muted">
      No cover is planned in these years, or the weather is not known.
    </p>
    <template v-else>
      <p class="sum" :class="{ rust: data.all.standsUsd < 0 }">
        {{ data.all.standsUsd < 0 ? 'Cost' : 'Bring' }}
        {{ money(Math.abs(data.all.standsUsd) / data.all.areaHa) }}
        <span class="muted whole">
          {{ session.amount(Math.abs(data.all.standsUsd), 'USD') }} on
          {{ session.amount(data.all.areaHa, 'HA') }} in {{ data.all.covers }} covers; planned
          {{ money(data.all.plannedUsd / data.all.areaHa) }}
        </span>
      </p>
      <p class="muted small">
        Soil that stays, weeds held back and rain let in have no price here; strips of your own say
        what they come to.
      </p>
      <PartsKey :of="sums" />
      <table class="plain">
        <tbody>
          <tr v-for="s in sums" :key="s.name">
            <td class="name">
              {{ sentence(s.name) }}
              <div class="muted small">
                {{ session.amount(s.areaHa, 'HA') }}, {{ s.covers }}
                {{ s.covers === 1 ? 'cover' : 'covers' }}
              </div>
            </td>
            <td class="beam">
              <StackedBeam :reach="scale" :parts="perArea(s)" :net="s.standsUsd / s.areaHa" />
            </td>
            <td class="n">
              <b>{{ money(s.standsUsd / s.areaHa) }}</b>
              <div
                v-if="money(s.plannedUsd / s.areaHa) !== money(s.standsUsd / s.areaHa)"
                class="muted small"
              >
                planned {{ money(s.plannedUsd / s.areaHa) }}
              </div>
            </td>
          </tr>
        </tbody>
      </table>
      <CoverAccounts :covers="data.covers" />
    </template>
  </section>
</template>

<style scoped>
.sum {
  font-size: 1.5rem;
  font-weight: 680;
}
.whole {
  font-size: 0.9rem;
  font-weight: 400;
}
.pick {
  max-width: 190px;
}
.name {
  width: 30%;
}
.n {
  white-space: nowrap;
}
@media (max-width: 600px) {
  tr {
    display: grid;
    grid-template-columns: 1fr auto;
  }
  td {
    border-bottom: 0;
  }
  .name {
    width: auto;
  }
  .beam {
    order: 3;
    grid-column: 1 / -1;
    border-bottom: 1px solid var(--rule);
  }
}
</style>
