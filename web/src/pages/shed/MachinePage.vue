<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Schemas } from '../../api/client'
import { alter, atOnce, useRead } from '../../farm/data'
import { useWindowName } from '../../shell/arrival'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { newId } from '../../words/ids'
import CatchBench from './bench/CatchBench.vue'
import DepthBench from './bench/DepthBench.vue'
import FlowBench from './bench/FlowBench.vue'
import type { Found } from './bench/found'
import FoundBefore from './bench/FoundBefore.vue'
import LoadBench from './bench/LoadBench.vue'
import MachineForm from './bench/MachineForm.vue'
import PatternBench from './bench/PatternBench.vue'
import PriceBench from './bench/PriceBench.vue'
import RowsBench from './bench/RowsBench.vue'
import RunningBench from './bench/RunningBench.vue'
import { mixName, triesOf } from './bench/tries'
import TriesBench from './bench/TriesBench.vue'

/** One machine on the bench: set it, and keep what was found. */
type Note = Schemas['CalibrationView']
const NOTES = '/api/farms/{farmId}/calibrations'
const NOTE = '/api/farms/{farmId}/calibrations/{calibrationId}'
const MACHINE = '/api/farms/{farmId}/machines/{machineId}'
const session = useSession()
const route = useRoute()
const router = useRouter()
const id = computed(() => String(route.params.id))
const { data: machines, trouble: noShed } = useRead('/api/farms/{farmId}/machines')
const { data: allNotes } = useRead(NOTES)
const machine = computed(() => machines.value?.find((m) => m.id === id.value))
const notes = computed(() => (allNotes.value ?? []).filter((n) => n.machineId === id.value))
const trouble = computed(() =>
  machines.value && !machine.value ? 'There is no such machine in this shed.' : noShed.value,
)
useWindowName(() => machine.value?.name)
const editing = ref<Schemas['MachineView'] | null>(null)
const tab = ref('catch')
const species = ref(String(route.query.seed ?? 'cereal_rye'))
const gear = ref('')

const keep = (found: Found) =>
  attempt(async () => {
    const calibrationId = newId()
    await alter('PUT', NOTE, {
      path: { calibrationId },
      body: {
        id: calibrationId,
        machineId: id.value,
        species: species.value,
        gear: gear.value,
        doneOn: session.farm?.today ?? '',
        ...found,
      },
    })
    notice.show('Kept; it is offered at the next job.', 'Undo', () => void forget(calibrationId))
  })
const forget = (calibrationId: string) =>
  attempt(() => {
    const without = (was: Note[]) => was.filter((n) => n.id !== calibrationId)
    return atOnce(NOTES, {}, without, () => alter('DELETE', NOTE, { path: { calibrationId } }))
  })
/** A note that is taken out can be put back as it was. */
const takeOut = (note: Note) =>
  attempt(async () => {
    await forget(note.id)
    notice.show('The note is taken out.', 'Undo', () =>
      attempt(() => alter('PUT', NOTE, { path: { calibrationId: note.id }, body: note })),
    )
  })
const remove = () =>
  attempt(async () => {
    if (!machine.value) return
    const { name } = machine.value
    const path = { machineId: id.value }
    await alter('DELETE', MACHINE, { path })
    void router.push('/shed')
    notice.show(`${name} is out of the shed.`, 'Undo', () =>
      attempt(async () => {
        await alter('POST', `${MACHINE}/restore`, { path })
        void router.push(`/shed/${path.machineId}`)
      }),
    )
  })

const tries = computed(() => triesOf(notes.value, species.value, gear.value))
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
/** What its hours come to by the farm's record; nothing where they are as reckoned. */
const slower = computed(() => {
  const times = machine.value?.hoursTimes ?? 1
  return times === 1 ? '' : session.amount(times, 'SHARE')
})
const called = (key: string) => mixName(key, session.choices?.species ?? [])
const oneSpecies = computed(() => species.value.split('+')[0] ?? species.value)
const seeds = computed(() =>
  [
    ...new Set([
      species.value,
      ...notes.value.map((n) => n.species).filter((s) => s.includes('+')),
      ...(session.choices?.species ?? []).map((s) => s.id),
    ]),
  ].map((key) => ({ title: called(key), value: key })),
)
</script>

<template>
  <div class="page">
    <div v-if="trouble" class="card rust">
      <h1>Machine</h1>
      <p>{{ trouble }}</p>
    </div>
    <template v-if="machine">
      <header class="row mb-3">
        <div class="grow">
          <h1>{{ machine.name }}</h1>
          <p class="muted">
            {{ machine.kind }} · {{ session.amount(machine.widthM, 'M') }} ·
            {{ session.amount(machine.speedKmh, 'KMH', 0) }}
            <template v-if="machine.notes"> · {{ machine.notes }}</template>
          </p>
          <p v-if="slower" class="small">
            By <router-link to="/learnt">your record</router-link> its work takes {{ slower }} of
            the hours that width and speed say; so it is reckoned everywhere.
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
        <FoundBefore :notes="notes" :called="called" @take-out="takeOut" />
      </div>
      <MachineForm v-if="editing" v-model="editing" />
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
