<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'

/** Two mixes side by side. */
type Answer = Schemas['MixAnswer']
const props = defineProps<{ name?: string; mine: Answer; other: Answer }>()
const session = useSession()
const lines: [string, (a: Answer) => string | number][] = [
  ['rate', (a) => session.amount(a.rateKgPerHa, 'KG_PER_HA')],
  ['live seeds', (a) => session.amount(a.liveSeedsPerM2, 'PER_M2')],
  ['of a full stand', (a) => session.amount(a.intensity, 'SHARE')],
  ['seed', (a) => session.amount(a.costPerHa, 'USD_PER_HA', 2)],
  ['warnings', (a) => a.warnings.length],
]
const rows = computed(() =>
  lines.map(([label, say]) => ({ label, mine: say(props.mine), other: say(props.other) })),
)
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <th></th>
        <th class="n">this</th>
        <th class="n">{{ name }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in rows" :key="r.label">
        <td>{{ r.label }}</td>
        <td class="n">{{ r.mine }}</td>
        <td class="n">{{ r.other }}</td>
      </tr>
    </tbody>
  </table>
</template>
