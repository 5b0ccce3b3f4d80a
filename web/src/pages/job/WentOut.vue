<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { sayFullDay } from '../../words/days'

/** What was logged of a job, and the bill for it when it was done for someone else. */
const props = defineProps<{ job: Schemas['JobView'] }>()
const session = useSession()
const billed = ref<Schemas['Seeding'] | null>(null)
const to = ref('')
const hours = ref<number>()
const pricePerHa = ref<number>()
const pricePerHour = ref<number>()
const limit = ref<number>()
const minimum = ref<number>()
const km = ref<number>()
const perKm = ref<number>()
const tax = ref<number>()

function bill(d: Schemas['Seeding']) {
  const m = props.job.machines.find((all) => all.machine.id === d.machineId)
  billed.value = d
  hours.value = m
    ? (m.hours * d.areaHa) / props.job.areaHa
    : d.areaHa / session.usual('areaPerHour')
  pricePerHa.value = m?.machine.usdPerHa ?? session.usual('usdPerHa')
  pricePerHour.value = m?.machine.usdPerHour ?? session.usual('usdPerHour')
  const terms = m?.machine.terms ?? {}
  limit.value = terms.weightLimitKgPerHa ?? session.usual('areaPriceUpTo')
  minimum.value = terms.leastUsd ?? 0
  km.value = terms.wayKm ?? 0
  perKm.value = terms.usdPerKm ?? session.usual('usdPerKm')
}
const address = computed(() => {
  if (!billed.value) return ''
  const q = new URLSearchParams({
    to: to.value,
    units: session.units,
    hours: String(hours.value ?? ''),
    pricePerHa: String(pricePerHa.value ?? ''),
    pricePerHour: String(pricePerHour.value ?? ''),
    weightLimitKgPerHa: String(limit.value ?? 0),
    minimumCharge: String(minimum.value ?? 0),
    ferryKm: String(km.value ?? 0),
    pricePerKm: String(perKm.value ?? 0),
    taxPercent: String(tax.value ?? 0),
  })
  return `/api/farms/${session.farm?.id}/fields/${props.job.fieldId}/seedings/${billed.value.id}/invoice.pdf?${q}`
})
const ready = computed(() => hours.value && pricePerHa.value && pricePerHour.value)
</script>

<template>
  <section class="card">
    <h2>Went out</h2>
    <table class="plain">
      <tbody>
        <tr v-for="d in job.done" :key="d.id">
          <td>{{ sayFullDay(d.doneOn) }}</td>
          <td>{{ d.machine }}</td>
          <td class="n">{{ session.amount(d.areaHa, 'HA', 1) }}</td>
          <td class="n">
            <b>{{ session.amount(d.rateKgPerHa, 'KG_PER_HA', 1) }}</b>
          </td>
          <td class="n">
            {{ d.offByFraction >= 0 ? '+' : '−'
            }}{{ Math.abs(Math.round(d.offByFraction * 100)) }} %
          </td>
          <td class="muted small">{{ d.words }}</td>
          <td class="no-print">
            <button v-if="session.operator" class="link small" @click="bill(d)">bill it</button>
          </td>
        </tr>
      </tbody>
    </table>
    <form v-if="billed" class="two mt-3 no-print" @submit.prevent>
      <v-text-field v-model="to" label="Bill to" class="wide" />
      <FigureField v-model="hours" label="Hours it took" unit="HOURS" />
      <FigureField v-model="limit" label="By area up to" unit="KG_PER_HA" />
      <FigureField v-model="pricePerHa" label="Price by area" unit="USD_PER_HA" />
      <FigureField v-model="pricePerHour" label="Price an hour, $" />
      <FigureField v-model="minimum" label="Least for a job, $" />
      <FigureField v-model="km" label="The way there" unit="KM" />
      <FigureField v-model="perKm" label="Price of the way" unit="USD_PER_KM" />
      <FigureField v-model="tax" label="Tax, %" />
      <div class="row wide">
        <v-btn v-if="ready" :href="address" color="primary">Invoice</v-btn>
        <span v-else class="muted small">Hours and both prices are needed.</span>
        <v-btn variant="text" @click="billed = null">Leave it</v-btn>
      </div>
    </form>
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
}
.wide {
  grid-column: 1 / -1;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
