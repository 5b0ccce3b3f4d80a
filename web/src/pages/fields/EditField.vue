<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { FieldView, Refusal } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { useUnsaved } from '../../shell/unsaved'
import { unitName } from '../../words/units'
import { drainages, items, soils } from '../field/names'
import CropFields from './CropFields.vue'
import DivideField from './DivideField.vue'
import FieldConflict from './FieldConflict.vue'
import JoinPieces from './JoinPieces.vue'
import { blank, formOf, inputOf } from './fieldForm'

/** A field, new or changed: ground, crops, and whether it is left out this year. */
const FIELD = '/api/farms/{farmId}/fields/{fieldId}'
const session = useSession()
const route = useRoute()
const router = useRouter()
const id = route.params.id ? String(route.params.id) : ''
const path = { fieldId: id }
const { data: stored, trouble } = useRead(FIELD, id ? { path } : null)
const form = ref(blank())
const input = computed(() => form.value.input)
const wrong = ref<Refusal | null>(null)
const theirs = ref<FieldView | null>(null)
const busy = ref(false)
const at = (p: string) => wrong.value?.at(p) ?? ''
const computedHa = computed(() => stored.value?.computedAreaHa ?? 0)
const said = computed(() => {
  if (trouble.value) return trouble.value
  return wrong.value && !wrong.value.errors.length && !theirs.value ? wrong.value.message : ''
})
/** As it was when nothing was written yet. */
let clean = JSON.stringify(form.value)
function show(field: FieldView) {
  form.value = formOf(field, session.units)
  clean = JSON.stringify(form.value)
}
// What is being written is not overwritten when somebody changes the farm: that is a conflict on saving.
watch(stored, (now, before) => now && !before && show(now), { immediate: true })
useUnsaved('What you wrote about this field', () => JSON.stringify(form.value) !== clean)

async function save() {
  busy.value = true
  wrong.value = null
  await attempt(
    async () => {
      const body = inputOf(form.value, session.units)
      const saved = id
        ? await alter('PUT', FIELD, { path, body })
        : await alter('POST', '/api/farms/{farmId}/fields', { body })
      clean = JSON.stringify(form.value)
      notice.show(`${saved.name} saved.`)
      await router.push('/fields/' + saved.id)
    },
    (refusal) => {
      wrong.value = refusal
      if (refusal.status === 409 && refusal.theirs) theirs.value = refusal.theirs as FieldView
    },
  )
  busy.value = false
}
async function keepMine() {
  input.value.version = theirs.value?.version
  theirs.value = null
  await save()
}
function takeTheirs() {
  if (theirs.value) show(theirs.value)
  theirs.value = null
  wrong.value = null
}
async function remove() {
  await attempt(
    async () => {
      const name = stored.value?.name ?? ''
      await alter('DELETE', FIELD, { path })
      clean = JSON.stringify(form.value)
      await router.push('/fields')
      notice.show(`${name} is off the farm, with its plans and its log.`, 'Undo', () =>
        attempt(() => alter('POST', `${FIELD}/restore`, { path })),
      )
    },
    (refusal) => (wrong.value = refusal),
  )
}
</script>

<template>
  <div class="page narrow">
    <form class="card" @submit.prevent="save">
      <h1 class="mb-4">{{ id ? input.name || 'Field' : 'Add a field' }}</h1>
      <div class="two">
        <v-text-field v-model="input.name" label="Name" :error-messages="at('name')" />
        <v-text-field
          v-model="form.area"
          :label="`Area, ${unitName('HA', session.units)}`"
          inputmode="decimal"
          :error-messages="at('givenAreaHa')"
          :placeholder="
            computedHa ? `${session.amount(computedHa, 'HA', 1)} from the boundary` : ''
          "
          persistent-placeholder
          :hint="computedHa ? 'leave empty to use the area of the boundary on the ellipsoid' : ''"
          persistent-hint
        />
        <v-select
          v-model="input.texture"
          label="Soil"
          :items="items(soils)"
          :error-messages="at('texture')"
        />
        <v-select v-model="input.drainage" label="Drainage" :items="items(drainages)" />
        <v-text-field
          v-model="input.slopePercent"
          label="Slope, %"
          inputmode="decimal"
          :error-messages="at('slopePercent')"
        />
        <div class="row">
          <v-checkbox v-model="input.tiled" label="Tile drains" />
          <v-checkbox v-model="input.erodible" label="Erodible" />
          <v-checkbox v-model="input.organic" label="Organic" />
        </div>
      </div>
      <h2 class="mt-5 mb-2">Crop of {{ session.season }}</h2>
      <CropFields v-model="input.crop" which="crop" :at="at" />
      <h2 class="mt-5 mb-2">Crop of {{ session.season + 1 }}</h2>
      <CropFields v-model="input.nextCrop" which="nextCrop" :at="at" />
      <v-textarea v-model="input.rotationNotes" label="Notes on the rotation" class="mt-5" />
      <v-text-field
        v-model="input.landlord"
        label="Landlord"
        placeholder="empty for your own ground"
        class="mt-2"
        :error-messages="at('landlord')"
      />
      <v-text-field
        v-model="input.hazards"
        label="Hazards a driver must know"
        placeholder="power line, soft spot, open inlet"
        hint="printed on every sheet of this field"
        persistent-hint
        class="mt-2"
        :error-messages="at('hazards')"
      />
      <v-checkbox v-model="form.leftOut" label="Left out this year" class="mt-2" />
      <v-text-field
        v-if="form.leftOut"
        v-model="input.leftOutReason"
        label="Why"
        :error-messages="at('leftOutReason')"
      />
      <p v-if="said" class="rust mt-3">{{ said }}</p>
      <div class="row mt-5">
        <v-btn color="primary" type="submit" :loading="busy">Save</v-btn>
        <v-btn variant="text" :to="id ? '/fields/' + id : '/fields'">Leave it</v-btn>
        <v-spacer />
        <v-btn v-if="stored" variant="text" color="error" @click="remove">Take off the farm</v-btn>
      </div>
    </form>
    <template v-if="stored && session.owner">
      <DivideField :field="stored" />
      <JoinPieces :field="stored" />
    </template>
    <FieldConflict :mine="input" :theirs="theirs" @mine="keepMine" @theirs="takeTheirs" />
  </div>
</template>

<style scoped>
.narrow {
  max-width: 860px;
}
.two {
  display: grid;
  align-items: start;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}
@media (max-width: 700px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
