<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useAnswer } from '../../answer'
import { consider, useRead } from '../../farm/data'
import { reach } from '../../money/beam'
import FigureField from '../../parts/FigureField.vue'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import NitrogenWeeks from './NitrogenWeeks.vue'
import RangeBar from './RangeBar.vue'

/** What nitrogen the next crop finds, where it is from, and what feeding the cover would bring. */
const props = defineProps<{ fieldId: string; legume: boolean }>()
const session = useSession()
const {
  data: ledger,
  trouble,
  again,
} = useRead('/api/farms/{farmId}/fields/{fieldId}/nitrogen', () => ({
  path: { fieldId: props.fieldId },
}))
const kg = (value: number) => session.amount(value, 'KG_PER_HA')
const lines = computed(() => ledger.value?.lines ?? [])
const scale = computed(() =>
  reach([
    ...lines.value.flatMap((l) => [l.low, l.high, l.brought]),
    ledger.value?.low ?? 0,
    ledger.value?.high ?? 0,
  ]),
)
/** Less than this is said as nothing. */
const SAID_KG = 0.5
const away = (l: Schemas['NitrogenLineView']) =>
  [l.lost > SAID_KG ? `${kg(l.lost)} lost` : '', l.held > SAID_KG ? `${kg(l.held)} held back` : '']
    .filter(Boolean)
    .join(', ')

const feeding = ref<number>()
const { answer: fed, trouble: notFed } = useAnswer(
  () => (feeding.value ? JSON.stringify([props.fieldId, feeding.value]) : ''),
  () =>
    consider('/api/farms/{farmId}/fields/{fieldId}/fed-cover', {
      path: { fieldId: props.fieldId },
      body: { nitrogenKgPerHa: feeding.value! },
    }),
)
</script>

<template>
  <section class="card">
    <h2>Nitrogen for {{ ledger?.crop ?? 'the next crop' }}</h2>
    <ReadTrouble v-if="!ledger" what="The nitrogen" :trouble="trouble" @again="again" />
    <template v-else>
      <p class="credit">{{ sentence(session.reason(ledger.credit)) }}.</p>
      <table class="plain">
        <tbody>
          <tr v-for="(l, i) in lines" :key="i">
            <td>
              {{ sentence(l.label) }}
              <div class="muted small">
                {{ session.reason(l.words) }}<template v-if="away(l)">; {{ away(l) }}</template>
              </div>
            </td>
            <td class="bars">
              <RangeBar :reach="scale" :low="l.low" :middle="l.available" :high="l.high" />
            </td>
            <td class="n">{{ kg(l.available) }}</td>
          </tr>
          <tr v-if="lines.length > 1">
            <td><b>There for it</b></td>
            <td class="bars">
              <RangeBar
                :reach="scale"
                :low="ledger.low"
                :middle="ledger.available"
                :high="ledger.high"
              />
            </td>
            <td class="n">
              <b>{{ kg(ledger.available) }}</b>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="!lines.length">Nothing is known yet.</p>
      <NitrogenWeeks
        v-if="ledger.weeks.length"
        :weeks="ledger.weeks"
        :plant-on="ledger.plantOn"
        :crop="ledger.crop"
      />
      <p v-if="ledger.missing.length" class="muted small">
        Surer with {{ ledger.missing.join(', ') }}: write it down under Done and seen.
      </p>
      <div v-if="!legume" class="no-print mt-3">
        <h3>Feed the cover for more mulch?</h3>
        <FigureField v-model="feeding" label="Nitrogen on it" unit="KG_PER_HA" class="feed" />
        <p v-if="notFed" class="rust">{{ notFed }}</p>
        <p v-if="fed">
          About {{ session.amount(fed.moreMgPerHa, 'MG_PER_HA') }} more for
          <b>{{ session.amount(fed.usdPerHa, 'USD_PER_HA') }}</b>, product and pass.
          {{ session.amount(fed.targetMgPerHa, 'MG_PER_HA') }} stand at planting in
          <b>{{ fed.metAfter }}</b> of {{ fed.years }} years, without it in {{ fed.metBefore }}.
          <span class="muted small">
            {{ fed.kgPerKg }} of cover grown for each of nitrogen, a working value for cereals that
            are short of it; next to nothing where manure went.
          </span>
        </p>
      </div>
    </template>
  </section>
</template>

<style scoped>
.credit {
  font-size: 1.15rem;
  font-weight: 620;
  margin: 4px 0 10px;
}
.bars {
  width: 34%;
}
.n {
  white-space: nowrap;
}
.feed {
  max-width: 200px;
  margin-top: 10px;
}
@media (max-width: 600px) {
  .bars {
    display: none;
  }
}
</style>
