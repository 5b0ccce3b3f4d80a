<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRead } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import {
  grouped,
  kindOf,
  kindsOf,
  placesOf,
  unitOf,
  type CropOff,
  type EntryDraft,
  type EntryKind,
} from './entries'

/** The form of one entry: its day, its kind, and what that kind carries. */
const draft = defineModel<EntryDraft>({ required: true })
const props = defineProps<{
  today: string
  /** Species of the cover; none where there is no cover. */
  species: string[]
  crops: CropOff[]
  /** An entry that is put right stays of its kind. */
  kept?: boolean
}>()
const session = useSession()
const all = useKinds()
const kind = computed(() => kindOf(session.entryKinds, draft.value.kind))
const kinds = computed(() => grouped(kindsOf(session.entryKinds, props.species.length > 0)))
const species = computed(() =>
  props.species.map((id) => ({ value: id, title: all.species(id)?.name ?? id })),
)
const { data: shed } = useRead('/api/farms/{farmId}/machines')
const machines = computed(() => (shed.value ?? []).map((m) => ({ value: m.id, title: m.name })))
const stages = computed(() => all.species(draft.value.names.species)?.stages ?? [])
function choices(n: EntryKind['names'][number]) {
  if (n.key === 'species') return species.value
  if (n.key === 'stage') return stages.value
  return n.choices
}

// The first species is the likeliest to be meant.
watch(kind, (now) => {
  if (now?.names.some((n) => n.key === 'species') && !draft.value.names.species)
    draft.value.names.species = props.species[0]
})
</script>

<template>
  <v-text-field v-model="draft.doneOn" type="date" label="Day" :max="today" class="day" />
  <v-select v-model="draft.kind" :items="kinds" label="What" class="kind" :disabled="kept" />
  <v-select
    v-if="kind?.byMachine && machines.length"
    :model-value="machines.find((m) => m.value === draft.machineId)?.value"
    :items="machines"
    label="With"
    clearable
    class="choice"
    @update:model-value="draft.machineId = $event ?? undefined"
  />
  <template v-for="n in kind?.names" :key="n.key">
    <v-text-field v-if="n.free" v-model="draft.names[n.key]" :label="n.label" class="choice" />
    <v-select
      v-else
      v-model="draft.names[n.key]"
      :items="choices(n)"
      :label="n.label"
      :clearable="!n.needed"
      class="choice"
    />
  </template>
  <FigureField
    v-for="f in kind?.figures"
    :key="f.key"
    v-model="draft.figures[f.key]"
    :label="f.label"
    :unit="unitOf(f, draft.doneOn, crops)"
    :digits="placesOf(f)"
    class="amount"
  />
  <v-text-field v-model="draft.words" label="In a few words" class="grow choice" />
</template>

<style scoped>
.day {
  max-width: 160px;
}
.kind {
  max-width: 210px;
}
.choice {
  min-width: 160px;
}
.amount {
  min-width: 130px;
  max-width: 190px;
}
</style>
