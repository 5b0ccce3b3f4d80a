<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { rateUnit } from './products'

/** Tanks, what goes into each, and what an entered limit says against it. */
defineProps<{ answer: Schemas['SpraySheet'] }>()
const session = useSession()
/** A volume or mass as it is poured. */
const pour = (amount: number, unit: string) =>
  unit === 'kg' ? session.amount(amount, 'KG', 1) : session.amount(amount, 'L', 2)
</script>

<template>
  <div>
    <p class="my-2">
      <b>{{ answer.tanks.tanks }} {{ answer.tanks.tanks === 1 ? 'tank' : 'tanks' }}</b
      >, the last one {{ session.amount(answer.tanks.lastTankL, 'L', 0) }}; a full one covers
      {{ session.amount(answer.tanks.haPerTank, 'HA', 1) }}.
    </p>
    <table class="plain">
      <thead>
        <tr>
          <th>product</th>
          <th class="n">a full tank</th>
          <th class="n">last tank</th>
          <th class="n">in all</th>
          <th class="n">active</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(p, i) in answer.tanks.products" :key="p.name">
          <td>
            {{ p.name }}
            <div v-if="answer.parts[i]?.rowRatePerHa" class="small muted">
              label’s row for this height:
              {{ session.amount(answer.parts[i]!.rowRatePerHa!, rateUnit(p.unit)) }}
            </div>
          </td>
          <td class="n">{{ pour(p.perTank, p.unit) }}</td>
          <td class="n">{{ pour(p.lastTank, p.unit) }}</td>
          <td class="n">{{ pour(p.total, p.unit) }}</td>
          <td class="n">
            {{ session.amount(answer.parts[i]!.activeGPerHa, 'G_PER_HA') }}
            <div v-if="answer.parts[i]!.usedGPerHa" class="small muted">
              + {{ session.amount(answer.parts[i]!.usedGPerHa, 'G_PER_HA') }} before
            </div>
          </td>
        </tr>
      </tbody>
    </table>
    <p
      v-for="(f, i) in answer.findings"
      :key="i"
      class="my-1"
      :class="{ rust: f.weight === 'BREAKS' }"
    >
      {{ f.weight === 'BREAKS' ? '✕' : '▲' }}
      <b v-if="f.product">{{ f.product }}:</b> {{ session.reason(f.reason) }}.
    </p>
    <p v-if="!answer.findings.length" class="my-1">Nothing entered stands against it.</p>
    <p class="small">
      Nobody in for {{ answer.reentryHours }} h; no rain for {{ answer.rainFreeHours }} h<template
        v-if="answer.windHighMPerS"
      >
        ; wind
        {{ session.amount(answer.windLowMPerS ?? 0, 'M_PER_S') }} to
        {{ session.amount(answer.windHighMPerS, 'M_PER_S') }}</template
      >.
    </p>
  </div>
</template>
