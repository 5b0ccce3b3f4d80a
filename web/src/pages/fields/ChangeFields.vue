<script setup lang="ts">
import { reactive, ref } from 'vue'
import type { FieldView, Refusal } from '../../api/client'
import { alter } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { crops, drainages, items, soils } from '../field/names'
import { asInput, changedField, changesSomething, unchanged } from './manyFields'

/** Soil, crops and leaving out, set alike on several fields: all of them, or none. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ fields: FieldView[] }>()
const emit = defineEmits<{ done: [] }>()
const FIELDS = '/api/farms/{farmId}/fields'
const session = useSession()
const change = reactive(unchanged())
const wrong = ref<string[]>([])
const busy = ref(false)
const asItIs = { title: 'as it is', value: '' }
const yesNo = [asItIs, { title: 'yes', value: 'yes' }, { title: 'no', value: 'no' }]
const said = (names: Record<string, string>) => [asItIs, ...items(names)]

const undo = (before: FieldView[], now: FieldView[]) =>
  attempt(() =>
    alter('PUT', FIELDS, {
      body: before.map((f) => ({
        id: f.id,
        field: { ...asInput(f), version: now.find((n) => n.id === f.id)?.version },
      })),
    }),
  )
async function save() {
  busy.value = true
  wrong.value = []
  const before = [...props.fields]
  await attempt(
    async () => {
      const body = before.map((f) => ({ id: f.id, field: changedField(f, change) }))
      const now = await alter('PUT', FIELDS, { body })
      open.value = false
      Object.assign(change, unchanged())
      emit('done')
      notice.show(`${now.length} fields changed.`, 'Undo', () => undo(before, now))
    },
    (refusal: Refusal) => {
      wrong.value = refusal.errors.length ? refusal.errors.map((e) => e.message) : [refusal.message]
    },
  )
  busy.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="560" :persistent="busy">
    <form class="card form" @submit.prevent="save">
      <h2>Change {{ fields.length }} {{ fields.length === 1 ? 'field' : 'fields' }}</h2>
      <p class="muted mb-4">What you leave as it is stays as it is. All are saved, or none.</p>
      <div class="two">
        <v-select v-model="change.texture" label="Soil" :items="said(soils)" />
        <v-select v-model="change.drainage" label="Drainage" :items="said(drainages)" />
        <v-select v-model="change.tiled" label="Tile drains" :items="yesNo" />
        <v-select v-model="change.erodible" label="Erodible" :items="yesNo" />
        <v-select v-model="change.organic" label="Organic" :items="yesNo" />
        <v-select v-model="change.leftOut" label="Left out this year" :items="yesNo" />
        <v-text-field
          v-if="change.leftOut === 'yes'"
          v-model="change.leftOutReason"
          label="Why it is left out"
          class="wide"
        />
        <v-select v-model="change.crop" :label="`Crop of ${session.season}`" :items="said(crops)" />
        <v-text-field
          v-model="change.cropPlantedOn"
          type="date"
          label="Planted"
          :disabled="change.crop === 'none'"
        />
        <v-select
          v-model="change.nextCrop"
          :label="`Crop of ${session.season + 1}`"
          :items="said(crops)"
        />
        <v-text-field
          v-model="change.nextPlantedOn"
          type="date"
          label="Planted"
          :disabled="change.nextCrop === 'none'"
        />
      </div>
      <ul v-if="wrong.length" class="rust mt-3" role="alert">
        <li v-for="w in wrong" :key="w">{{ w }}</li>
      </ul>
      <div class="row mt-4">
        <v-btn
          color="primary"
          type="submit"
          :loading="busy"
          :disabled="!fields.length || !changesSomething(change)"
          >Save</v-btn
        >
        <v-btn variant="text" :disabled="busy" @click="open = false">Leave it</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
ul {
  padding-left: 18px;
}
.wide {
  grid-column: 1 / -1;
}
</style>
