<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'

/** What goes in the box: each species at its rate, and the lots it may come from. */
const props = defineProps<{ job: Schemas['JobView'] }>()
const session = useSession()
const kinds = useKinds()
/** Seed that is flown or spread on top has no depth to be set. */
const hasDepth = computed(() => kinds.method(props.job.plan?.method)?.onSurface === false)
const depth = (mm: number) => session.amount(mm, 'MM', session.units === 'us' ? 1 : 0)
</script>

<template>
  <section class="card">
    <h2>What goes in the box</h2>
    <table class="plain">
      <tbody>
        <template v-for="s in job.seeds" :key="s.species">
          <tr>
            <td>
              <b>{{ s.name }}</b>
              <div v-if="hasDepth" class="muted small">
                {{ depth(s.depthLowMm) }} to
                {{ depth(s.depthHighMm) }}
                deep
              </div>
            </td>
            <td class="n">
              <b>{{ session.amount(s.rateKgPerHa, 'KG_PER_HA', 1) }}</b>
              <div class="muted small">{{ session.amount(s.liveSeedsPerM2, 'PER_M2') }} live</div>
            </td>
            <td class="n">{{ session.amount(s.seedKg, 'KG') }}</td>
          </tr>
          <template v-for="l in s.lots" :key="l.lot.id">
            <tr class="lot">
              <td class="small">
                lot {{ l.lot.lotNo || l.lot.supplier }}
                <span v-if="l.lot.treated" class="tag bad">treated</span>
                <span v-if="l.lot.organic" class="tag good">organic</span>
                <span v-if="!l.lot.germination" class="tag bad">not tested</span>
              </td>
              <td class="n small">
                <template v-if="l.offered">
                  set {{ session.amount(l.rateKgPerHa, 'KG_PER_HA', 1) }}
                </template>
              </td>
              <td class="n small">
                <span v-if="!l.offered" class="tag bad">not here</span>
                <span v-else-if="l.enough" class="tag good">enough</span>
                <span v-else class="tag bad">only {{ session.amount(l.leftKg, 'KG') }}</span>
              </td>
            </tr>
            <tr v-if="l.papers" class="lot papers">
              <td colspan="3" class="small" :class="l.offered ? 'muted' : 'rust'">
                {{ sentence(session.reason(l.papers)) }}.
              </td>
            </tr>
          </template>
          <tr v-if="!s.lots.length" class="lot">
            <td colspan="3" class="small rust">
              No {{ s.name.toLowerCase() }} in stock.
              <router-link to="/seed" class="no-print">See what to buy</router-link>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <p class="muted small mt-2">
      A lot’s own rate puts out the same live seeds as the plan with usual seed.
    </p>
  </section>
</template>

<style scoped>
td.n {
  white-space: nowrap;
}
.papers td {
  padding-top: 0;
}
.lot td {
  padding-left: 14px;
  background: color-mix(in srgb, var(--soil-band) 16%, transparent);
}
</style>
