<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, read } from '../../farm/data'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { toSi, unitName, type Unit } from '../../words/units'
import { newId } from '../../words/ids'
import { readNumber } from '../../words/numbers'

const props = defineProps<{
  fieldId: string
  history: Schemas['ChangeView'][]
  today: string
  moved: Schemas['SightingEffect'][]
  /** Species of the cover. */
  species: string[]
}>()
const emit = defineEmits<{ changed: [] }>()
const session = useSession()
const entries = ref<Schemas['EntryView'][]>([])
type LogKind = Schemas['EntryView']['kind']
const blank = () => ({
  doneOn: props.today,
  kind: 'note' as LogKind,
  words: '',
  amount: '',
  species: '',
  stage: '',
  residual: '',
})
const form = ref(blank())
const KINDS: { value: LogKind; title: string }[] = [
  { value: 'seeded', title: 'seeded' },
  { value: 'harvested', title: 'harvested' },
  { value: 'sprayed', title: 'sprayed' },
  { value: 'ended', title: 'ended' },
  { value: 'planted', title: 'planted' },
  { value: 'plants', title: 'plants counted' },
  { value: 'height', title: 'height measured' },
  { value: 'cover', title: 'cover clipped and dried' },
  { value: 'stage', title: 'stage seen' },
  { value: 'note', title: 'note' },
]
const RESIDUALS = [
  { title: 'none, or not known', value: '' },
  { title: 'amides', value: 'amide' },
  { title: 'triazines', value: 'triazine' },
  { title: 'sulfonylureas', value: 'sulfonylurea' },
  { title: 'bleachers', value: 'bleacher' },
  { title: 'growth regulators', value: 'growthRegulator' },
  { title: 'cell-membrane', value: 'cellMembrane' },
]
const UNITS: Partial<Record<LogKind, Unit>> = { plants: 'PER_M2', height: 'CM', cover: 'MG_PER_HA' }
const unit = computed(() => UNITS[form.value.kind])
const seesSpecies = computed(() => form.value.kind === 'plants' || form.value.kind === 'stage')
const kinds = computed(() =>
  props.species.length ? KINDS : KINDS.filter((k) => !UNITS[k.value] && k.value !== 'stage'),
)
const mine = computed(() =>
  (session.choices?.species ?? [])
    .filter((s) => props.species.includes(s.id))
    .map((s) => ({ value: s.id, title: s.name, stages: s.stages })),
)
const stages = computed(() => mine.value.find((s) => s.value === form.value.species)?.stages ?? [])
watch(
  () => form.value.kind,
  () => (form.value.species = seesSpecies.value ? (props.species[0] ?? '') : ''),
)
const path = () => ({ farmId: session.farm?.id ?? '', fieldId: props.fieldId })

/** What was seen, in figures. */
function figure(e: Schemas['EntryView']): string {
  const name = session.choices?.species.find((s) => s.id === e.species)?.name ?? ''
  if (e.stage) return `${name}: ${e.stage}`
  const u = UNITS[e.kind]
  return u && e.amount !== undefined
    ? `${session.amount(e.amount, u)}${name ? ` of ${name}` : ''}`
    : ''
}
const title = (kind: LogKind) => KINDS.find((k) => k.value === kind)?.title ?? kind
const movedBy = (id: string) => props.moved.find((m) => m.entry.id === id)?.changes ?? []

async function load() {
  entries.value = await read('/api/farms/{farmId}/fields/{fieldId}/log', { path: path() })
}

async function add() {
  const amount = readNumber(form.value.amount, session.units)
  try {
    if (unit.value && amount.problem) throw new Error(amount.problem)
    await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}/log/{entryId}', {
      path: { ...path(), entryId: newId() },
      body: {
        doneOn: form.value.doneOn,
        kind: form.value.kind,
        words: form.value.words,
        species: form.value.species || undefined,
        residual: form.value.kind === 'sprayed' ? form.value.residual || undefined : undefined,
        stage: form.value.kind === 'stage' ? form.value.stage || undefined : undefined,
        amount:
          unit.value && amount.value !== undefined
            ? toSi(amount.value, unit.value, session.units)
            : undefined,
      },
    })
    form.value = blank()
    await load()
    emit('changed')
  } catch (e) {
    notice.show((e as Error).message)
  }
}

async function remove(id: string) {
  try {
    await alter('DELETE', '/api/farms/{farmId}/fields/{fieldId}/log/{entryId}', {
      path: { ...path(), entryId: id },
    })
    await load()
    emit('changed')
  } catch (e) {
    notice.show((e as Error).message)
  }
}

onMounted(load)
watch(() => props.fieldId, load)
</script>

<template>
  <section class="card">
    <h2>What was done and seen</h2>
    <form v-if="session.operator" class="row my-2 no-print" @submit.prevent="add">
      <v-text-field
        v-model="form.doneOn"
        type="date"
        label="Day"
        :max="today"
        style="max-width: 160px"
      />
      <v-select v-model="form.kind" :items="kinds" label="What" style="max-width: 190px" />
      <v-select
        v-if="seesSpecies"
        v-model="form.species"
        :items="mine"
        label="Species"
        style="min-width: 140px"
      />
      <v-select
        v-if="form.kind === 'stage'"
        v-model="form.stage"
        :items="stages"
        label="Stage"
        style="min-width: 150px"
      />
      <v-select
        v-if="form.kind === 'sprayed'"
        v-model="form.residual"
        :items="RESIDUALS"
        label="Residual group"
        style="min-width: 170px"
      />
      <v-text-field
        v-if="unit"
        v-model="form.amount"
        inputmode="decimal"
        :label="unitName(unit, session.units)"
        style="max-width: 120px"
      />
      <v-text-field
        v-model="form.words"
        label="In a few words"
        class="grow"
        style="min-width: 160px"
      />
      <v-btn type="submit" variant="outlined">Write down</v-btn>
    </form>
    <ul class="log">
      <li v-for="e in entries" :key="e.id">
        <span class="muted">{{ sayDay(e.doneOn) }} {{ e.doneOn.slice(0, 4) }}</span>
        <span class="grow">
          <b>{{ sentence(title(e.kind)) }}</b>
          <template v-if="figure(e)"> {{ figure(e) }}</template>
          {{ e.words }}
          <span v-if="movedBy(e.id).length" class="moved">
            moves the forecast:
            {{
              movedBy(e.id)
                .map((c) => session.reason(c))
                .join(' · ')
            }}
          </span>
        </span>
        <button
          v-if="session.operator"
          class="muted no-print"
          :aria-label="`Take out: ${e.words || title(e.kind)}`"
          @click="remove(e.id)"
        >
          ×
        </button>
      </li>
      <li v-if="!entries.length" class="muted">Nothing written down yet.</li>
    </ul>
    <details v-if="history.length" class="mt-2">
      <summary class="muted">Changes of the plan</summary>
      <ul class="log">
        <li v-for="(h, i) in history" :key="i" :class="{ undone: h.undone }">
          <span class="muted">{{ sayDay(h.at.slice(0, 10)) }}</span> {{ sentence(h.what)
          }}<template v-if="h.undone"> (undone)</template>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.log {
  list-style: none;
  padding: 0;
}
.log li {
  display: flex;
  gap: 10px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}
.log li > .muted:first-child {
  white-space: nowrap;
}
.moved {
  display: block;
  color: var(--sky);
  font-size: 0.86rem;
}
.undone {
  opacity: 0.6;
}
</style>
