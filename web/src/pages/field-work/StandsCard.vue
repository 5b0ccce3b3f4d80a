<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, read } from '../../farm/data'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { plus, sayDay } from '../../words/days'

/** Machines that stand: broken, lent, at the dealer's. The plan goes round them. */
defineProps<{ movable: boolean }>()
const session = useSession()
const machines = ref<Schemas['MachineView'][]>([])
const adding = ref(false)
const id = ref('')
const from = ref('')
const until = ref('')
const why = ref('')
const refused = ref<Refusal | null>(null)
const standing = computed(() => machines.value.filter((m) => m.out))
const farmId = () => session.farm?.id ?? ''

async function load() {
  machines.value = await read('/api/farms/{farmId}/machines', { path: { farmId: farmId() } })
}
onMounted(() => void load().catch(() => undefined))

function begin() {
  adding.value = true
  refused.value = null
  from.value = session.farm?.today ?? ''
  until.value = plus(from.value, 2)
}
async function put(machineId: string, out: Schemas['Out'] | undefined) {
  const version = machines.value.find((m) => m.id === machineId)?.version
  await alter('PUT', '/api/farms/{farmId}/machines/{machineId}/out', {
    path: { farmId: farmId(), machineId },
    body: { version, out },
  })
  await load()
}
async function stand() {
  const machine = machines.value.find((m) => m.id === id.value)
  if (!machine) return
  try {
    await put(machine.id, { from: from.value, until: until.value, why: why.value })
    adding.value = false
    notice.show(
      `${machine.name} stands; the plan is laid out again.`,
      'Undo',
      () => void put(machine.id, machine.out),
    )
  } catch (e) {
    refused.value = e as Refusal
  }
}
async function runs(m: Schemas['MachineView']) {
  try {
    await put(m.id, undefined)
    notice.show(`${m.name} runs again.`, 'Undo', () => void put(m.id, m.out))
  } catch (e) {
    notice.show((e as Error).message)
  }
}
</script>

<template>
  <section v-if="machines.length" class="card no-print">
    <div class="row">
      <h2 class="grow">Machines that stand</h2>
      <v-btn v-if="movable && !adding" size="small" variant="outlined" @click="begin"
        >One broke down</v-btn
      >
    </div>
    <p v-if="!standing.length && !adding" class="muted small">All run.</p>
    <p v-for="m in standing" :key="m.id" class="row small my-1">
      <span class="grow">
        <b>{{ m.name }}</b>, {{ sayDay(m.out!.from) }} to {{ sayDay(m.out!.until)
        }}<template v-if="m.out!.why">: {{ m.out!.why }}</template>
      </span>
      <button v-if="movable" class="link" @click="runs(m)">it runs again</button>
    </p>
    <form v-if="adding" class="mt-2" @submit.prevent="stand">
      <v-select
        v-model="id"
        :items="machines.map((m) => ({ title: m.name, value: m.id }))"
        label="Which machine"
      />
      <div class="two mt-2">
        <v-text-field v-model="from" type="date" label="Stands from" />
        <v-text-field
          v-model="until"
          type="date"
          label="to"
          :error-messages="refused?.at('until') ?? ''"
        />
      </div>
      <v-text-field v-model="why" label="Why" class="mt-2" />
      <p v-if="refused && !refused.errors.length" class="rust">{{ refused.message }}</p>
      <div class="row mt-2">
        <v-btn color="primary" type="submit" :disabled="!id || !from || !until">It stands</v-btn>
        <v-btn variant="text" @click="adding = false">Leave it</v-btn>
      </div>
    </form>
  </section>
</template>
