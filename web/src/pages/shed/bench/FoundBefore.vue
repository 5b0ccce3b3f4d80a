<script setup lang="ts">
import type { Schemas } from '../../../api/client'
import { useSession } from '../../../session'
import { sayFullDay } from '../../../words/days'

/** What earlier settings of this machine gave. */
defineProps<{ notes: Schemas['CalibrationView'][]; called: (seed: string) => string }>()
const emit = defineEmits<{ takeOut: [note: Schemas['CalibrationView']] }>()
const session = useSession()
const BENCH: Record<string, string> = {
  catch: 'catch test',
  timed: 'timed catch',
  gate: 'gate',
  tries: 'tries',
  running: 'running check',
  pattern: 'pattern',
  depth: 'depth',
}
</script>

<template>
  <section class="card">
    <h2>What was found before</h2>
    <p v-if="!notes.length" class="muted my-2">Nothing kept yet.</p>
    <table v-else class="plain">
      <tbody>
        <tr v-for="n in notes" :key="n.id">
          <td>
            {{ called(n.species) }}
            <div class="muted small">{{ n.gear }}</div>
          </td>
          <td>
            <b v-if="n.setting !== undefined">{{ n.setting }}</b>
            <template v-if="n.rateKgPerHa !== undefined">
              → {{ session.amount(n.rateKgPerHa, 'KG_PER_HA') }}</template
            >
            <div v-if="n.chartKgPerHa && n.rateKgPerHa" class="small">
              chart said {{ session.amount(n.chartKgPerHa, 'KG_PER_HA') }}: it gives
              {{ session.amount(n.rateKgPerHa / n.chartKgPerHa, 'SHARE') }} of that
            </div>
            <div class="muted small">{{ n.words }}</div>
          </td>
          <td class="muted small">
            {{ BENCH[n.bench] ?? n.bench }}<br />{{ sayFullDay(n.doneOn).slice(4) }}
          </td>
          <td>
            <button
              v-if="session.operator"
              class="muted"
              aria-label="Take out this note"
              @click="emit('takeOut', n)"
            >
              ×
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
