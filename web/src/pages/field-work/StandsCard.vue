<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { plus, sayDay } from '../../words/days'

/** Machines that stand: broken, lent, at the dealer's. The plan goes round them. */
defineProps<{ movable: boolean }>()
const session = useSession()
type Machine = Schemas['MachineView']
const { data } = useRead('/api/farms/{farmId}/machines')
const machines = computed(() => data.value ?? [])
const adding = ref(false)
const id = ref('')
const from = ref('')
const until = ref('')
const why = ref('')
const refused = ref<Refusal | null>(null)
const standing = computed(() => machines.value.filter((m) => m.out))

function begin() {
  adding.value = true
  refused.value = null
  from.value = session.farm?.today ?? ''
  until.value = plus(from.value, 2)
}
const put = (machineId: string, out: Schemas['Out'] | undefined) =>
  alter('PUT', '/api/farms/{farmId}/machines/{machineId}/out', {
    path: { machineId },
    body: { version: machines.value.find((m) => m.id === machineId)?.version, out },
  })
const back = (m: Machine) => void attempt(() => put(m.id, m.out))

async function stand() {
  const machine = machines.value.find((m) => m.id === id.value)
  if (!machine) return
  await attempt(
    async () => {
      await put(machine.id, { from: from.value, until: until.value, why: why.value })
      adding.value = false
      const said = `${machine.name} stands; the plan is laid out again.`
      notice.show(said, 'Undo', () => back(machine))
    },
    (refusal) => (refused.value = refusal),
  )
}
const runs = (m: Machine) =>
  attempt(async () => {
    await put(m.id, undefined)
    notice.show(`${m.name} runs again.`, 'Undo', () => back(m))
  })
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
