<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import MachineForm from './bench/MachineForm.vue'
import { newId } from '../../words/ids'
import { useKinds } from '../../words/kinds'

/** The shed: what there is to seed with, and what was found when it was last set. */
const session = useSession()
const kinds = useKinds()
const { data: machines, trouble } = useRead('/api/farms/{farmId}/machines')
const { data: found } = useRead('/api/farms/{farmId}/calibrations')
const notes = computed(() => found.value ?? [])
const editing = ref<Schemas['MachineView'] | null>(null)

function fresh(): Schemas['MachineView'] {
  return {
    id: newId(),
    name: '',
    kind: '',
    work: ['seed'],
    methods: (session.choices?.methods ?? []).slice(0, 1).map((m) => m.key),
    widthM: session.usual('machineWidth'),
    speedKmh: session.usual('machineSpeed'),
    efficiency: session.usual('machineEfficiency'),
    hopperM3: session.usual('machineHopper'),
    turnS: session.usual('machineTurn'),
    refillS: session.usual('machineRefill'),
    meter: '',
    hired: false,
    notes: '',
  }
}
const label = (key: string) => session.choices?.methods.find((m) => m.key === key)?.label ?? key
/** Wings spend most of their time on the way and at the loader: width times speed says nothing. */
const flies = (m: Schemas['MachineView']) => m.methods.some((w) => kinds.method(w)?.flies)
const last = (id: string) => notes.value.find((n) => n.machineId === id)
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <div class="grow">
        <h1>Shed</h1>
        <p class="muted">What there is to work with. Open a machine to set it.</p>
      </div>
      <v-btn v-if="session.owner" color="primary" @click="editing = fresh()">Add a machine</v-btn>
    </header>
    <p v-if="trouble" class="card rust">{{ trouble }}</p>
    <div v-if="machines && !machines.length" class="card">
      <h2>The shed is empty</h2>
      <p class="my-2">
        Begin with one machine you have: a drill, or a spreader that can broadcast. Its width, speed
        and hopper are enough to plan with.
      </p>
    </div>
    <div class="shed">
      <router-link
        v-for="m in machines ?? []"
        :key="m.id"
        :to="`/shed/${m.id}`"
        class="card machine"
      >
        <div class="row">
          <h2 class="grow">{{ m.name }}</h2>
          <span v-if="m.hired" class="tag">hired</span>
        </div>
        <p class="muted small">{{ m.kind }}</p>
        <p class="figures">
          <span
            ><b>{{ session.amount(m.widthM, 'M') }}</b> wide</span
          >
          <span
            ><b>{{ session.amount(m.speedKmh, 'KMH', 0) }}</b></span
          >
          <span v-if="!flies(m)"
            ><b>{{ session.amount(m.haPerHour ?? 0, 'HA_PER_HOUR', 0) }}</b> in the field</span
          >
          <span v-if="m.payloadKg"
            ><b>{{ session.amount(m.payloadKg, 'KG') }}</b> a load</span
          >
          <span v-else-if="m.hopperM3 > 0"
            ><b>{{ session.amount(m.hopperM3, 'M3', m.hopperM3 < 1 ? 1 : 0) }}</b> hopper</span
          >
        </p>
        <p class="small">
          {{
            [
              ...m.methods.map((k) => sentence(label(k))),
              ...(m.work ?? []).filter((w) => w !== 'seed').map(sentence),
            ].join(' · ')
          }}
        </p>
        <p v-if="last(m.id)" class="small memory">
          Last set:
          <template v-if="last(m.id)!.setting !== undefined">
            {{ last(m.id)!.setting }}
            <template v-if="last(m.id)!.rateKgPerHa !== undefined">
              gave {{ session.amount(last(m.id)!.rateKgPerHa!, 'KG_PER_HA') }}</template
            > </template
          ><template v-else>{{ last(m.id)!.words }}</template>
        </p>
        <p v-else class="small muted">Never set here yet.</p>
      </router-link>
    </div>
    <MachineForm v-if="editing" v-model="editing" />
  </div>
</template>

<style scoped>
.shed {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(320px, 1fr));
  gap: 16px;
}
.machine {
  color: inherit;
  text-decoration: none;
}
.machine:hover {
  border-color: var(--line);
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 6px 0;
}
.memory {
  color: var(--muted);
}
</style>
