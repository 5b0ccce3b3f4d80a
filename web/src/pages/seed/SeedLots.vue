<script setup lang="ts">
import type { Schemas } from '../../api/client'
import PapersButton from '../../papers/PapersButton.vue'
import { useSession } from '../../session'
import { sayFullDay } from '../../words/days'

/** The lots of seed that are in the bin, with what their tags say. */
type Lot = Schemas['LotView']
defineProps<{ lots: Lot[]; name: (species: string) => string }>()
const emit = defineEmits<{ edit: [Lot]; remove: [Lot] }>()
const session = useSession()
const left = (l: Lot) => l.boughtKg - (l.usedKg ?? 0)
</script>

<template>
  <section class="card">
    <h2>In the bin</h2>
    <p v-if="!lots.length" class="muted my-2">
      No seed yet. Add a lot from its tag: species, germination, purity, price, how much.
    </p>
    <div v-else class="scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>species</th>
            <th>lot</th>
            <th class="n">germinates</th>
            <th class="n desk">pure</th>
            <th class="desk">tested</th>
            <th class="n">price</th>
            <th class="n">left</th>
            <th></th>
            <th class="no-print"></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in lots" :key="l.id">
            <td>{{ name(l.species) }}</td>
            <td>
              {{ l.lotNo || '–' }} <span class="muted small">{{ l.supplier }}</span>
            </td>
            <td class="n">
              <template v-if="l.germination">{{ session.amount(l.germination, 'SHARE') }}</template>
              <span v-else class="tag bad">not tested</span>
            </td>
            <td class="n desk">{{ l.purity ? session.amount(l.purity, 'SHARE', 1) : '–' }}</td>
            <td class="desk">
              <span v-if="l.testedOn">{{ sayFullDay(l.testedOn).slice(4) }}</span>
            </td>
            <td class="n">{{ session.amount(l.usdPerKg, 'USD_PER_KG') }}</td>
            <td class="n">
              <b>{{ session.amount(left(l), 'KG') }}</b>
              <span class="muted small"> of {{ session.amount(l.boughtKg, 'KG') }}</span>
            </td>
            <td>
              <span v-if="l.treated" class="tag bad">treated</span>
              <span v-if="l.organic" class="tag good">organic</span>
              <PapersButton
                class="small no-print papers"
                holder="lot"
                :holder-id="l.id"
                :title="`lot ${l.lotNo || name(l.species)}`"
              />
            </td>
            <td class="no-print nowrap">
              <button v-if="session.operator" class="link" @click="emit('edit', l)">edit</button>
              <button
                v-if="session.owner"
                class="muted pl-3"
                :aria-label="`Take out ${l.lotNo}`"
                @click="emit('remove', l)"
              >
                ×
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.tag + .papers {
  margin-left: 8px;
}
.nowrap,
td.n {
  white-space: nowrap;
}
</style>
