<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { sayFullDay } from '../../words/days'
import { rateUnit, type Product } from './products'

/** What is sprayed where, when and how thick, as the paper in the cab says it. */
defineProps<{
  page: Schemas['EndingPage']
  body: Schemas['SprayInput']
  products: Product[]
  rates: Record<string, number | undefined>
}>()
const session = useSession()
</script>

<template>
  <div class="told">
    <p>
      <b>{{ sayFullDay(body.on) }}</b>, {{ session.amount(body.areaHa, 'HA', 1) }};
      {{ session.amount(body.carrierLPerHa, 'SPRAY_L_PER_HA') }} of spray from a tank of
      {{ session.amount(body.tankL, 'L', 0)
      }}<template v-if="body.hardWater">, hard water</template>.
    </p>
    <p v-for="p in products" :key="p.id">
      {{ p.label.name }}:
      <b>{{ session.amount(rates[p.id] ?? 0, rateUnit(p.label.unit)) }}</b>
    </p>
  </div>
</template>

<style scoped>
.told {
  display: none;
}
@media print {
  .told {
    display: block;
  }
}
</style>
