<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRead } from '../../farm/data'
import { useSession } from '../../session'

/** What is still to buy for the fields with a plan. */
const session = useSession()
const allowance = ref(100 * session.usual('seedAllowance'))
const { data: needs } = useRead('/api/farms/{farmId}/seed/needs', () => ({
  query: { allowance: allowance.value / 100 },
}))
const toBuy = computed(() => (needs.value ?? []).filter((n) => n.needKg > 0))
const bill = computed(() => toBuy.value.reduce((sum, n) => sum + n.usd, 0))
const bag = computed(() => session.usual('seedBag'))
const bagName = computed(() => `${session.amount(bag.value, 'KG')} bags`)
const bags = (kg: number) => Math.ceil(kg / bag.value)
</script>

<template>
  <section class="card">
    <div class="row">
      <h2 class="grow">Still to buy</h2>
      <label class="muted small no-print"
        >over what is needed
        <input v-model.number="allowance" type="number" min="0" max="50" class="allow" />
        %</label
      >
    </div>
    <p v-if="needs && !toBuy.length" class="muted">
      No field with a plan is waiting for seed. Plan a cover and its seed shows here.
    </p>
    <div v-else-if="needs" class="scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>species</th>
            <th class="n">needed</th>
            <th class="n desk">in the bin</th>
            <th class="n">to buy</th>
            <th class="n desk">{{ bagName }}</th>
            <th class="n">about</th>
            <th class="desk">fields</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="n in toBuy" :key="n.species">
            <td>{{ n.name }}</td>
            <td class="n">{{ session.amount(n.needKg, 'KG') }}</td>
            <td class="n desk">{{ session.amount(n.stockKg, 'KG') }}</td>
            <td class="n">
              <b v-if="n.buyKg > 0">{{ session.amount(n.buyKg, 'KG') }}</b>
              <span v-else class="tag good">enough</span>
            </td>
            <td class="n desk">
              {{ n.buyKg > 0 ? bags(n.buyKg).toLocaleString('en-US') : '' }}
            </td>
            <td class="n">{{ n.buyKg > 0 ? session.amount(n.usd, 'USD') : '' }}</td>
            <td class="muted small desk">{{ n.fields.join(', ') }}</td>
          </tr>
          <tr>
            <td><b>In all</b></td>
            <td></td>
            <td class="desk"></td>
            <td></td>
            <td class="desk"></td>
            <td class="n">
              <b>{{ session.amount(bill, 'USD') }}</b>
            </td>
            <td class="desk"></td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.allow {
  width: 48px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  padding: 2px 6px;
  color: inherit;
}
td.n {
  white-space: nowrap;
}
</style>
