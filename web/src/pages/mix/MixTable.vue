<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import FigureField from '../../parts/FigureField.vue'
import { useTyped } from '../../parts/typed'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import type { MixRow } from './rows'

/** The species of a mix: rate, share of mass and share of live seeds, each of which may be typed. */
const props = defineProps<{
  rows: MixRow[]
  lots: Schemas['LotView'][]
  answer: Schemas['MixAnswer'] | null
}>()
const emit = defineEmits<{
  massShare: [number, number?]
  countShare: [number, number?]
  take: [number]
}>()
const session = useSession()
const kinds = useKinds()
const speciesItems = computed(() =>
  (session.choices?.species ?? []).map((s) => ({ title: s.name, value: s.id })),
)
const lotItems = (lots: Schemas['LotView'][], species: string) => [
  { title: 'usual seed', value: '' },
  ...lots
    .filter((l) => l.species === species)
    .map((l) => ({ title: l.lotNo || l.supplier || 'a lot', value: l.id })),
]
const typed = useTyped()
const figures = computed(() =>
  (props.answer?.components ?? []).map((c) => ({
    seeds: session.amount(c.liveSeedsPerM2, 'PER_M2'),
    cost: session.amount(c.costPerHa, 'USD_PER_HA', 2),
  })),
)
</script>

<template>
  <div class="scroll">
    <table class="plain">
      <thead>
        <tr>
          <th>species</th>
          <th class="desk">seed</th>
          <th>rate</th>
          <th>of mass</th>
          <th>of live seeds</th>
          <th class="n">live seeds</th>
          <th class="n">cost</th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(r, i) in rows" :key="i">
          <td class="species">
            <v-autocomplete
              v-model="r.species"
              :items="speciesItems"
              density="compact"
              hide-details
              aria-label="Species"
            />
          </td>
          <td class="desk lot">
            <v-select
              :model-value="r.lotId ?? ''"
              :items="lotItems(lots, r.species)"
              density="compact"
              hide-details
              aria-label="Seed lot"
              @update:model-value="r.lotId = $event || undefined"
            />
          </td>
          <td class="num">
            <FigureField v-model="r.rateKgPerHa" label="Rate" unit="KG_PER_HA" />
          </td>
          <td class="num">
            <FigureField
              :model-value="answer?.components[i]?.shareByMass"
              label="Mass"
              unit="SHARE"
              @change="(e: Event) => emit('massShare', i, typed(e, 'SHARE'))"
            />
          </td>
          <td class="num">
            <FigureField
              :model-value="answer?.components[i]?.shareByCount"
              label="Seeds"
              unit="SHARE"
              @change="(e: Event) => emit('countShare', i, typed(e, 'SHARE'))"
            />
          </td>
          <td class="n">{{ figures[i]?.seeds }}</td>
          <td class="n">{{ figures[i]?.cost }}</td>
          <td>
            <button
              v-if="rows.length > 1"
              class="muted"
              :aria-label="`Take out ${kinds.species(r.species)?.name ?? r.species}`"
              @click="emit('take', i)"
            >
              ×
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.species {
  min-width: 160px;
}
.lot {
  min-width: 130px;
}
.num {
  width: 104px;
  min-width: 96px;
}
</style>
