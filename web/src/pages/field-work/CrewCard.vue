<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import DaysField from '../../parts/DaysField.vue'
import WeekHours from '../../parts/WeekHours.vue'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { WEEK } from '../../words/days'
import { newId } from '../../words/ids'
import { attempt } from '../../shell/attempt'

/** Who works, how long, and what they can run. */
const CREW = '/api/farms/{farmId}/crew/{id}'
const session = useSession()
const { data: people } = useRead('/api/farms/{farmId}/crew')
const { data: shed } = useRead('/api/farms/{farmId}/machines')
const crew = computed(() => people.value ?? [])
const machines = computed(() => shed.value ?? [])
const editing = ref<Schemas['CrewView'] | null>(null)
const off = useTemplateRef<InstanceType<typeof DaysField>>('off')
const refused = ref<Refusal | null>(null)

const name = (id: string) => machines.value.find((m) => m.id === id)?.name ?? ''

function edit(c: Schemas['CrewView']) {
  editing.value = JSON.parse(JSON.stringify(c)) as Schemas['CrewView']
  refused.value = null
}
function fresh(): Schemas['CrewView'] {
  return {
    id: newId(),
    name: '',
    machines: [],
    weekHours: WEEK.map((_, d) => (d === WEEK.length - 1 ? 0 : session.usual('dayHours'))),
    daysOff: [],
  }
}
async function save() {
  off.value?.add()
  const person = editing.value
  if (!person) return
  await attempt(
    async () => {
      await alter('PUT', CREW, {
        path: { id: person.id },
        body: person,
      })
      editing.value = null
    },
    (refusal) => (refused.value = refusal),
  )
}
const remove = (c: Schemas['CrewView']) =>
  attempt(async () => {
    const params = { path: { id: c.id } }
    await alter('DELETE', CREW, params)
    editing.value = null
    notice.show(`${c.name} is off the crew.`, 'Undo', () =>
      attempt(() => alter('PUT', CREW, { ...params, body: { ...c, version: undefined } })),
    )
  })
</script>

<template>
  <section class="card no-print">
    <div class="row">
      <h2 class="grow">Crew</h2>
      <v-btn v-if="session.owner" size="small" variant="outlined" @click="edit(fresh())"
        >Add someone</v-btn
      >
    </div>
    <p v-if="!crew.length" class="muted">
      Nobody yet. Say who works, how many hours, and which machines they can run.
    </p>
    <p v-for="c in crew" :key="c.id" class="small my-1">
      <button v-if="session.owner" class="link" @click="edit(c)">{{ c.name }}</button>
      <b v-else>{{ c.name }}</b>, {{ c.week }}; runs
      <span class="muted">{{
        c.machines.map(name).filter(Boolean).join(', ') || 'nothing yet'
      }}</span>
    </p>
    <form v-if="editing" class="mt-3" @submit.prevent="save">
      <v-text-field
        v-model="editing.name"
        label="Name"
        :error-messages="refused?.at('name') ?? ''"
      />
      <WeekHours v-model="editing.weekHours" :wrong="(path) => refused?.at(path) ?? ''" />
      <v-select
        v-model="editing.machines"
        multiple
        chips
        :items="machines.map((m) => ({ title: m.name, value: m.id }))"
        label="Can run"
        class="mt-2"
      />
      <DaysField ref="off" v-model="editing.daysOff" label="A day off" class="mt-2" />
      <p v-if="refused && !refused.errors.length" class="rust">{{ refused.message }}</p>
      <div class="row mt-3">
        <v-btn color="primary" type="submit">Keep</v-btn>
        <v-btn variant="text" @click="editing = null">Leave it</v-btn>
        <v-btn v-if="editing.version !== undefined" variant="text" @click="remove(editing)"
          >Take off the crew</v-btn
        >
      </div>
    </form>
  </section>
</template>
