<script setup lang="ts">
import type { Schemas } from '../../../api/client'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import { useKinds } from '../../../words/kinds'

/** Strips between the rows, each with its own seed and box. */
const area = defineModel<number | undefined>('area')
defineProps<{ zones: Schemas['Zone'][]; answer: Schemas['RowsAnswer'] | null }>()
const session = useSession()
const kinds = useKinds()
</script>

<template>
  <section class="card">
    <h2>Strips with their own seed</h2>
    <div v-for="(z, i) in zones" :key="i" class="zone">
      <v-autocomplete
        v-model="z.species"
        :items="(session.choices?.species ?? []).map((s) => ({ title: s.name, value: s.id }))"
        label="Species"
      />
      <FigureField
        :model-value="z.widthM"
        label="Width"
        unit="M"
        :digits="2"
        @update:model-value="z.widthM = $event ?? 0"
      />
      <FigureField
        :model-value="z.rateKgPerHa"
        label="Rate in it"
        unit="KG_PER_HA"
        @update:model-value="z.rateKgPerHa = $event ?? 0"
      />
      <v-text-field v-model="z.box" label="From" />
    </div>
    <FigureField v-model="area" label="Field" unit="HA" />
    <table v-if="answer?.zones.length" class="plain mt-2">
      <tbody>
        <tr v-for="z in answer.zones" :key="z.species + z.box">
          <td>{{ kinds.species(z.species)?.name ?? z.species }}, {{ z.box }}</td>
          <td class="n">{{ session.amount(z.share, 'SHARE') }} of the width</td>
          <td class="n">{{ session.amount(z.fieldRateKgPerHa, 'KG_PER_HA', 1) }} of field</td>
          <td class="n">
            <b>{{ session.amount(z.seedKg, 'KG') }}</b>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped src="./bench.css"></style>
<style scoped>
.zone {
  display: grid;
  grid-template-columns: 1.4fr 1fr 1fr 1fr;
  gap: 8px;
  margin: 8px 0;
}
@media (max-width: 520px) {
  .zone {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
