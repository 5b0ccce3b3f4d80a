<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { type FieldView, Refusal, type Schemas } from '../../api/client'
import { alter, read } from '../../farm/data'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { shown, toSi, unitName } from '../../words/units'
import { crops, drainages, items, soils } from '../field/names'
import { readNumber } from '../../words/numbers'

type Input = Schemas['FieldInput']
const session = useSession()
const route = useRoute()
const router = useRouter()
const id = computed(() => (route.params.id ? String(route.params.id) : ''))
const form = ref<Input>(blank())
const area = ref('')
const computedHa = ref(0)
const leftOut = ref(false)
const wrong = ref<Refusal | null>(null)
const theirs = ref<FieldView | null>(null)
const busy = ref(false)
const path = computed(() => ({ farmId: session.farm?.id ?? '', fieldId: id.value }))

function blank(): Input {
  return {
    name: '',
    texture: 'siltLoam',
    drainage: 'moderate',
    tiled: false,
    slopePercent: 0,
    erodible: false,
    organic: false,
    rotationNotes: '',
    crop: { kind: 'corn' },
    nextCrop: { kind: 'soybean' },
  }
}

function fill(f: FieldView) {
  form.value = {
    version: f.version,
    name: f.name,
    givenAreaHa: f.givenAreaHa,
    texture: f.texture,
    drainage: f.drainage,
    tiled: f.tiled,
    slopePercent: f.slopePercent,
    erodible: f.erodible,
    organic: f.organic,
    rotationNotes: f.rotationNotes,
    leftOutReason: f.leftOutReason,
    crop: { ...f.crop },
    nextCrop: { ...f.nextCrop },
  }
  computedHa.value = f.computedAreaHa
  leftOut.value = !!f.leftOutReason
  area.value = f.givenAreaHa
    ? String(Math.round(shown(f.givenAreaHa, 'HA', session.units) * 100) / 100)
    : ''
}

onMounted(async () => {
  if (!id.value) return
  try {
    fill(await read('/api/farms/{farmId}/fields/{fieldId}', { path: path.value }))
  } catch (e) {
    wrong.value = e as Refusal
  }
})

/** A number as typed; empty is 0, anything else is not a number. */
const number = (typed: string) =>
  typed.trim() === '' ? 0 : (readNumber(typed, session.units).value ?? NaN)
const blankText = (value: unknown) =>
  value === undefined || value === null || String(value).trim() === ''

function maturities(): [string, unknown][] {
  const typed: [string, unknown][] = [
    ['crop.maturity', form.value.crop.maturity],
    ['nextCrop.maturity', form.value.nextCrop.maturity],
  ]
  return typed.filter(([, value]) => !blankText(value) && !Number.isFinite(number(String(value))))
}

async function save() {
  busy.value = true
  wrong.value = null
  const given = number(area.value)
  const slope = number(String(form.value.slopePercent))
  const unread = [
    ...(area.value.trim() && !Number.isFinite(given) ? [['givenAreaHa', area.value]] : []),
    ...(Number.isFinite(slope) ? [] : [['slopePercent', form.value.slopePercent]]),
    ...maturities(),
  ].map(([at, typed]) => ({
    path: String(at),
    message: readNumber(String(typed), session.units).problem,
  }))
  if (unread.length) {
    wrong.value = new Refusal(422, unread[0]!.message, unread)
    busy.value = false
    return
  }
  const tidy = (c: Schemas['CropView']) => ({
    ...c,
    plantedOn: c.plantedOn || undefined,
    harvestOn: c.harvestOn || undefined,
    maturity:
      c.maturity === undefined || String(c.maturity) === ''
        ? undefined
        : number(String(c.maturity)),
    rowSpacingM: c.rowSpacingM,
  })
  const body: Input = {
    ...form.value,
    slopePercent: slope,
    givenAreaHa: area.value.trim() ? toSi(given, 'HA', session.units) : undefined,
    leftOutReason: leftOut.value ? (form.value.leftOutReason ?? '') : undefined,
    crop: tidy(form.value.crop),
    nextCrop: tidy(form.value.nextCrop),
  }
  try {
    const saved = id.value
      ? await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}', { path: path.value, body })
      : await alter('POST', '/api/farms/{farmId}/fields', {
          path: { farmId: path.value.farmId },
          body,
        })
    notice.show(`${saved.name} saved.`)
    await router.push('/fields/' + saved.id)
  } catch (e) {
    wrong.value = e as Refusal
    if (wrong.value.status === 409 && wrong.value.theirs)
      theirs.value = wrong.value.theirs as FieldView
  }
  busy.value = false
}

/** Rows of a conflict: what this person wrote and what stands now. */
const conflict = computed(() => {
  const t = theirs.value
  if (!t) return []
  const mine = form.value
  const rows: [string, unknown, unknown][] = [
    ['name', mine.name, t.name],
    ['soil', soils[mine.texture], soils[t.texture]],
    ['drainage', drainages[mine.drainage], drainages[t.drainage]],
    ['tiled', mine.tiled ? 'yes' : 'no', t.tiled ? 'yes' : 'no'],
    ['slope', mine.slopePercent, t.slopePercent],
    ['organic', mine.organic ? 'yes' : 'no', t.organic ? 'yes' : 'no'],
    ['crop', crops[mine.crop.kind], crops[t.crop.kind]],
    ['planted', mine.crop.plantedOn ?? '–', t.crop.plantedOn ?? '–'],
    ['harvest', mine.crop.harvestOn ?? '–', t.crop.harvestOn ?? '–'],
    ['next crop', crops[mine.nextCrop.kind], crops[t.nextCrop.kind]],
    ['next planted', mine.nextCrop.plantedOn ?? '–', t.nextCrop.plantedOn ?? '–'],
    ['notes', mine.rotationNotes || '–', t.rotationNotes || '–'],
    ['left out', mine.leftOutReason ?? '–', t.leftOutReason ?? '–'],
  ]
  return rows.filter(([, a, b]) => String(a) !== String(b))
})

async function keepMine() {
  form.value.version = theirs.value?.version
  theirs.value = null
  await save()
}

function takeTheirs() {
  if (theirs.value) fill(theirs.value)
  theirs.value = null
  wrong.value = null
}

async function remove() {
  if (!confirm(`Take ${form.value.name} off the farm, with its plans and its log?`)) return
  try {
    await alter('DELETE', '/api/farms/{farmId}/fields/{fieldId}', { path: path.value })
    await router.push('/fields')
  } catch (e) {
    wrong.value = e as Refusal
  }
}

const at = (p: string) => wrong.value?.at(p) ?? ''
const isCorn = (kind: string) => kind === 'corn' || kind === 'silageCorn'
</script>

<template>
  <div class="page" style="max-width: 860px">
    <form class="card" @submit.prevent="save">
      <h1 class="mb-4">{{ id ? form.name || 'Field' : 'Add a field' }}</h1>
      <div class="two">
        <v-text-field v-model="form.name" label="Name" :error-messages="at('name')" />
        <v-text-field
          v-model="area"
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
          v-model="form.texture"
          label="Soil"
          :items="items(soils)"
          :error-messages="at('texture')"
        />
        <v-select v-model="form.drainage" label="Drainage" :items="items(drainages)" />
        <v-text-field
          v-model="form.slopePercent"
          label="Slope, %"
          inputmode="decimal"
          :error-messages="at('slopePercent')"
        />
        <div class="row">
          <v-checkbox v-model="form.tiled" label="Tile drains" />
          <v-checkbox v-model="form.erodible" label="Erodible" />
          <v-checkbox v-model="form.organic" label="Organic" />
        </div>
      </div>
      <template v-for="(part, which) in { crop: form.crop, nextCrop: form.nextCrop }" :key="which">
        <h2 class="mt-5 mb-2">
          {{
            which === 'crop'
              ? `Crop of ${session.farm?.seasonYear}`
              : `Crop of ${(session.farm?.seasonYear ?? 0) + 1}`
          }}
        </h2>
        <div class="four">
          <v-select
            v-model="part.kind"
            label="Crop"
            :items="items(crops)"
            :error-messages="at(which + '.kind')"
          />
          <v-text-field
            v-if="part.kind !== 'none'"
            v-model="part.plantedOn"
            type="date"
            label="Planted"
            :error-messages="at(which + '.plantedOn')"
          />
          <v-text-field
            v-if="isCorn(part.kind) || part.kind === 'soybean'"
            v-model="part.maturity"
            inputmode="decimal"
            :label="isCorn(part.kind) ? 'Maturity, days' : 'Maturity group'"
            :error-messages="at(which + '.maturity')"
          />
          <v-text-field
            v-if="part.kind !== 'none'"
            v-model="part.harvestOn"
            type="date"
            label="Harvest, if you know"
            :error-messages="at(which + '.harvestOn')"
          />
        </div>
      </template>
      <v-textarea v-model="form.rotationNotes" label="Notes on the rotation" class="mt-5" />
      <v-checkbox v-model="leftOut" label="Left out this year" class="mt-2" />
      <v-text-field
        v-if="leftOut"
        v-model="form.leftOutReason"
        label="Why"
        :error-messages="at('leftOutReason')"
      />
      <p v-if="wrong && !wrong.errors.length && !theirs" class="rust mt-3">{{ wrong.message }}</p>
      <div class="row mt-5">
        <v-btn color="primary" type="submit" :loading="busy">Save</v-btn>
        <v-btn variant="text" :to="id ? '/fields/' + id : '/fields'">Leave it</v-btn>
        <v-spacer />
        <v-btn v-if="id" variant="text" color="error" @click="remove">Take off the farm</v-btn>
      </div>
    </form>
    <v-dialog :model-value="!!theirs" persistent max-width="620">
      <div class="card">
        <h2>Someone else changed this field meanwhile</h2>
        <table class="plain my-3">
          <thead>
            <tr>
              <th></th>
              <th>yours</th>
              <th>theirs</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="[what, mine, other] in conflict" :key="what">
              <td>{{ what }}</td>
              <td>{{ mine }}</td>
              <td>{{ other }}</td>
            </tr>
            <tr v-if="!conflict.length">
              <td colspan="3">Both say the same now.</td>
            </tr>
          </tbody>
        </table>
        <div class="row">
          <v-btn color="primary" @click="keepMine">Keep mine</v-btn>
          <v-btn variant="outlined" @click="takeTheirs">Take theirs</v-btn>
        </div>
      </div>
    </v-dialog>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}
.four {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 14px;
}
@media (max-width: 700px) {
  .two {
    grid-template-columns: 1fr;
  }
  .four {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
