<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import type { Refusal, Schemas } from '../../../api/client'
import { alter } from '../../../farm/data'
import DaysField from '../../../parts/DaysField.vue'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import { sentence } from '../../../words/reasons'
import { ask } from '../../../shell/ask'
import { attempt } from '../../../shell/attempt'
import { useUnsaved } from '../../../shell/unsaved'

/** A machine: what it is for, how wide, how fast, what it carries. */
const machine = defineModel<Schemas['MachineView'] | null>({ required: true })
const emit = defineEmits<{ saved: [] }>()
const session = useSession()
const form = ref({ ...machine.value! })
const terms = ref<NonNullable<Schemas['MachineView']['terms']>>({ ...machine.value!.terms })
const refused = ref<Refusal | null>(null)
const only = ref(form.value.onlyDays ?? [])
const onlyField = useTemplateRef<InstanceType<typeof DaysField>>('onlyField')
/** What a machine needs first; the rest is seldom known on the day it comes. */
const more = ref(false)
const works = computed(() =>
  (session.choices?.works ?? []).map((w) => ({ title: sentence(w.label), value: w.key })),
)
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'].map((title, i) => ({
  title,
  value: i + 1,
}))
const typed = () => JSON.stringify([form.value, only.value, terms.value])
const clean = typed()
const dirty = () => machine.value !== null && typed() !== clean
useUnsaved('What you wrote about this machine', dirty)
/** Away from the form: what was typed is not dropped without asking. */
async function leave() {
  if (!dirty() || (await ask('This machine is not kept yet.', 'Leave without it', 'Stay here')))
    machine.value = null
}
const wrong = (path: string) => refused.value?.at(path) ?? ''

async function save() {
  onlyField.value?.add()
  await attempt(
    async () => {
      await alter('PUT', '/api/farms/{farmId}/machines/{machineId}', {
        path: { machineId: form.value.id },
        body: { ...form.value, onlyDays: only.value, terms: terms.value },
      })
      machine.value = null
      emit('saved')
    },
    (refusal) => {
      refused.value = refusal
      // What is wrong may stand among the rest.
      more.value ||= refusal.errors.length > 0
    },
  )
}
</script>

<template>
  <v-dialog :model-value="true" max-width="680" scrollable @update:model-value="leave">
    <form class="card form" @submit.prevent="save">
      <h2 class="mb-3">Machine</h2>
      <div class="two">
        <v-text-field v-model="form.name" label="Name" :error-messages="wrong('name')" />
        <v-text-field v-model="form.kind" label="What it is" />
        <v-select
          v-model="form.work"
          multiple
          label="Work it does"
          :items="works"
          :error-messages="wrong('work')"
        />
        <v-select
          v-model="form.methods"
          multiple
          label="Seeds by"
          :items="
            (session.choices?.methods ?? []).map((m) => ({
              title: sentence(m.label),
              value: m.key,
            }))
          "
          :error-messages="wrong('methods')"
        />
        <FigureField v-model="form.widthM" label="Width" unit="M" :error="wrong('widthM')" />
        <FigureField v-model="form.speedKmh" label="Speed" unit="KMH" :error="wrong('speedKmh')" />
        <FigureField v-model="form.hopperM3" label="Hopper" unit="M3" :error="wrong('hopperM3')" />
        <FigureField v-model="form.usdPerHour" label="Cost an hour, $" />
      </div>
      <button
        v-if="!more"
        type="button"
        class="link my-3"
        :aria-expanded="more"
        @click="more = true"
      >
        More: what it carries, turns, days, prices
      </button>
      <div v-show="more" class="two mt-3">
        <v-text-field v-model="form.meter" label="Meter" />
        <FigureField
          v-model="form.efficiency"
          label="Time at work"
          unit="SHARE"
          :error="wrong('efficiency')"
        />
        <FigureField
          v-model="form.payloadKg"
          label="Most it may carry"
          unit="KG"
          :error="wrong('payloadKg')"
        />
        <FigureField v-model="form.openers" label="Openers" :error="wrong('openers')" />
        <FigureField v-model="form.spacingM" label="Opener spacing" unit="M" :digits="3" />
        <FigureField v-model="form.turnS" label="A turn, seconds" />
        <FigureField v-model="form.refillS" label="A refill, seconds" />
        <FigureField v-model="form.ferryKmh" label="Speed to the tender" unit="KMH" />
        <FigureField v-model="form.batteryMin" label="A battery lasts, minutes" />
        <FigureField v-model="form.massKg" label="Empty mass" unit="KG" :error="wrong('massKg')" />
        <FigureField v-model="form.rowUnits" label="Row units" />
        <FigureField v-model="form.setUpH" label="Set-up at a field" unit="HOURS" />
        <FigureField v-model="form.changeH" label="Head change, clean-out" unit="HOURS" />
        <FigureField v-model="form.tenderM" label="Fills how far off" unit="M" />
        <FigureField
          v-model="form.roadKmh"
          label="On the road"
          unit="KMH"
          :error="wrong('roadKmh')"
        />
        <v-select
          v-model="form.weekdays"
          multiple
          label="There on"
          :items="DAYS"
          :error-messages="wrong('weekdays')"
        />
        <FigureField v-model="form.usdPerHa" label="Or by area" unit="USD_PER_HA" />
        <FigureField
          v-model="terms.weightLimitKgPerHa"
          label="By area up to"
          unit="KG_PER_HA"
          :error="wrong('weightLimitKgPerHa')"
        />
        <FigureField
          v-model="terms.leastUsd"
          label="Least for a job, $"
          :error="wrong('leastUsd')"
        />
        <FigureField
          v-model="terms.wayKm"
          label="Way that is charged"
          unit="KM"
          :error="wrong('wayKm')"
        />
        <FigureField
          v-model="terms.usdPerKm"
          label="Price of the way"
          unit="USD_PER_KM"
          :error="wrong('usdPerKm')"
        />
        <v-checkbox v-model="form.hired" label="Hired" density="compact" />
      </div>
      <div v-show="more">
        <DaysField ref="onlyField" v-model="only" label="There only on" class="mt-2" />
        <v-textarea v-model="form.notes" label="Notes" rows="2" class="mt-2" />
      </div>
      <p v-if="refused" class="rust">{{ refused.message }}</p>
      <div class="row mt-3">
        <v-btn color="primary" type="submit">Keep</v-btn>
        <v-btn variant="text" @click="leave">Leave it</v-btn>
      </div>
    </form>
  </v-dialog>
</template>
