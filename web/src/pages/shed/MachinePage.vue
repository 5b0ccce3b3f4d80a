<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Schemas } from '../../api/client'
import { alter, read } from '../../farm/data'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { sayFullDay } from '../../words/days'
import CatchBench from './bench/CatchBench.vue'
import DepthBench from './bench/DepthBench.vue'
import type { Found } from './bench/found'
import FlowBench from './bench/FlowBench.vue'
import LoadBench from './bench/LoadBench.vue'
import MachineForm from './bench/MachineForm.vue'
import PatternBench from './bench/PatternBench.vue'
import PriceBench from './bench/PriceBench.vue'
import RowsBench from './bench/RowsBench.vue'
import RunningBench from './bench/RunningBench.vue'
import TriesBench from './bench/TriesBench.vue'
import { newId } from '../../words/ids'

/** One machine on the bench: set it, and keep what was found. */
const session = useSession()
const route = useRoute()
const router = useRouter()
const machine = ref<Schemas['MachineView'] | null>(null)
const notes = ref<Schemas['CalibrationView'][]>([])
const editing = ref<Schemas['MachineView'] | null>(null)
const tab = ref('catch')
const species = ref(String(route.query.seed ?? 'cereal_rye'))
const gear = ref('')
const trouble = ref('')

async function load() {
  try {
    const params = {}
    const all = await read('/api/farms/{farmId}/machines', { ...params })
    machine.value = all.find((m) => m.id === route.params.id) ?? null
    if (!machine.value) trouble.value = 'There is no such machine in this shed.'
    const found = await read('/api/farms/{farmId}/calibrations', { ...params })
    notes.value = found.filter((n) => n.machineId === route.params.id)
  } catch (e) {
    trouble.value = (e as Error).message
  }
}
onMounted(load)

async function keep(found: Found) {
  const id = newId()
  try {
    await alter('PUT', '/api/farms/{farmId}/calibrations/{calibrationId}', {
      path: { calibrationId: id },
      body: {
        id,
        machineId: machine.value!.id,
        species: species.value,
        gear: gear.value,
        doneOn: session.farm?.today ?? '',
        ...found,
      },
    })
    await load()
    notice.show('Kept; it is offered at the next job.', 'Undo', () => void forget(id))
  } catch (e) {
    notice.show((e as Error).message)
  }
}

async function forget(id: string) {
  await alter('DELETE', '/api/farms/{farmId}/calibrations/{calibrationId}', {
    path: { calibrationId: id },
  })
  await load()
}

async function remove() {
  if (!machine.value) return
  const { id, name } = machine.value
  const params = { path: { machineId: id } }
  await alter('DELETE', '/api/farms/{farmId}/machines/{machineId}', { ...params })
  void router.push('/shed')
  notice.show(`${name} is out of the shed.`, 'Undo', async () => {
    await alter('POST', '/api/farms/{farmId}/machines/{machineId}/restore', { ...params })
    void router.push(`/shed/${id}`)
  })
}

const tries = computed(() =>
  notes.value
    .filter(
      (n) =>
        n.species === species.value &&
        (!gear.value || n.gear === gear.value) &&
        n.setting !== undefined &&
        n.rateKgPerHa !== undefined,
    )
    .map((n) => ({ setting: n.setting!, rateKgPerHa: n.rateKgPerHa! })),
)
const TABS = [
  ['catch', 'Catch test'],
  ['flow', 'Flow and speed'],
  ['tries', 'Several tries'],
  ['running', 'Running check'],
  ['pattern', 'Spread pattern'],
  ['depth', 'Depth'],
  ['rows', 'Rows and blends'],
  ['loads', 'Loads'],
  ['price', 'Price for hire'],
] as const
/** A mix is kept under all of its species: it flows as none of them alone. */
const speciesName = (key: string) =>
  key
    .split('+')
    .map((id) => session.choices?.species.find((s) => s.id === id)?.name ?? id)
    .join(' + ')
const oneSpecies = computed(() => species.value.split('+')[0] ?? species.value)
const seeds = computed(() =>
  [
    ...new Set([
      species.value,
      ...notes.value.map((n) => n.species).filter((s) => s.includes('+')),
      ...(session.choices?.species ?? []).map((s) => s.id),
    ]),
  ].map((key) => ({ title: speciesName(key), value: key })),
)
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
  <div class="page">
    <p v-if="trouble" class="card rust">{{ trouble }}</p>
    <template v-if="machine">
      <header class="row mb-3">
        <div class="grow">
          <h1>{{ machine.name }}</h1>
          <p class="muted">
            {{ machine.kind }} · {{ session.amount(machine.widthM, 'M') }} ·
            {{ session.amount(machine.speedKmh, 'KMH', 0) }}
            <template v-if="machine.notes"> · {{ machine.notes }}</template>
          </p>
        </div>
        <v-btn v-if="session.owner" variant="outlined" @click="editing = { ...machine }"
          >Edit</v-btn
        >
        <v-btn v-if="session.owner" variant="text" @click="remove">Take out</v-btn>
      </header>
      <div class="row mb-3">
        <v-autocomplete
          v-model="species"
          :items="seeds"
          label="Seed in the box"
          style="max-width: 240px"
        />
        <v-text-field v-model="gear" label="Gear, gate or roller" style="max-width: 200px" />
      </div>
      <div class="tabs no-print" role="tablist">
        <button
          v-for="[key, label] in TABS"
          :key="key"
          role="tab"
          :aria-selected="tab === key"
          :class="{ on: tab === key }"
          @click="tab = key"
        >
          {{ label }}
        </button>
      </div>
      <div class="bench">
        <CatchBench v-if="tab === 'catch'" :machine="machine" @keep="keep" />
        <FlowBench v-if="tab === 'flow'" :machine="machine" @keep="keep" />
        <TriesBench v-if="tab === 'tries'" :known="tries" @keep="keep" />
        <RunningBench v-if="tab === 'running'" :tries="tries" @keep="keep" />
        <PatternBench v-if="tab === 'pattern'" :machine="machine" @keep="keep" />
        <DepthBench v-if="tab === 'depth'" :species="oneSpecies" @keep="keep" />
        <RowsBench v-if="tab === 'rows'" :species="oneSpecies" :tries="tries" />
        <LoadBench v-if="tab === 'loads'" :machine="machine" :species="oneSpecies" />
        <PriceBench v-if="tab === 'price'" :machine="machine" />
        <section class="card">
          <h2>What was found before</h2>
          <p v-if="!notes.length" class="muted my-2">Nothing kept yet.</p>
          <table v-else class="plain">
            <tbody>
              <tr v-for="n in notes" :key="n.id">
                <td>
                  {{ speciesName(n.species) }}
                  <div class="muted small">{{ n.gear }}</div>
                </td>
                <td>
                  <b v-if="n.setting !== undefined">{{ n.setting }}</b>
                  <template v-if="n.rateKgPerHa !== undefined">
                    → {{ session.amount(n.rateKgPerHa, 'KG_PER_HA') }}</template
                  >
                  <div v-if="n.chartKgPerHa && n.rateKgPerHa" class="small">
                    chart said {{ session.amount(n.chartKgPerHa, 'KG_PER_HA') }}: it gives
                    {{ Math.round((100 * n.rateKgPerHa) / n.chartKgPerHa) }} % of that
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
                    @click="forget(n.id)"
                  >
                    ×
                  </button>
                </td>
              </tr>
            </tbody>
          </table>
        </section>
      </div>
      <MachineForm v-if="editing" v-model="editing" @saved="load" />
    </template>
  </div>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 4px;
  overflow-x: auto;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 14px;
}
.tabs button {
  padding: 8px 12px;
  white-space: nowrap;
  color: var(--muted);
  border-bottom: 3px solid transparent;
}
.tabs .on {
  color: inherit;
  font-weight: 650;
  border-color: var(--leaf);
}
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
@media (max-width: 900px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
