<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, consider, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { newId } from '../../words/ids'
import RotationYears from './RotationYears.vue'
import { blankYear, trimmed } from './rotation'

/** A rotation made once and laid over fields: what it would fill is shown before it is done. */
const props = defineProps<{
  fieldIds: string[]
  thisSeason: number
  lastSeason: number
  /** The years a drag went over. */
  over?: { from: number; to: number } | null
}>()
const open = defineModel<boolean>({ required: true })
const session = useSession()
const { data: rotations } = useRead('/api/farms/{farmId}/rotations')
const edited = ref<Schemas['RotationView'] | null>(null)
const offset = ref(0)
/** How many seasons are offered to begin and end with. */
const ROUND = 8
const from = ref(props.thisSeason + 1)
const to = ref(props.lastSeason)
const tried = ref<Schemas['Laid'] | null>(null)
const seasons = computed(() => Array.from({ length: ROUND }, (_, i) => props.thisSeason + i))
const offsets = computed(() =>
  (edited.value?.years ?? []).map((y, i) => ({ title: `${i + 1}: ${y.crop}`, value: i })),
)
const kept = computed(() =>
  (tried.value?.fields ?? []).flatMap((f) =>
    f.years.filter((y) => y.kept).map((y) => `${f.name}, ${y.season}: ${y.kept}`),
  ),
)
watch(
  () => props.over,
  (over) => {
    if (!over) return
    from.value = Math.max(over.from, props.thisSeason)
    to.value = Math.max(over.to, props.thisSeason)
  },
)
watch([edited, offset, from, to], () => (tried.value = null), { deep: true })

function pick(id: string) {
  const found = rotations.value?.find((r) => r.id === id)
  edited.value = found ? (JSON.parse(JSON.stringify(found)) as Schemas['RotationView']) : null
}
function fresh() {
  edited.value = { id: newId(), name: '', years: [blankYear(), blankYear('soybean')] }
}
const asked = computed(() => ({
  fieldIds: props.fieldIds,
  from: from.value,
  to: to.value,
  offset: offset.value,
}))
const store = async (r: Schemas['RotationView']) => {
  const path = { id: r.id }
  edited.value = await alter('PUT', '/api/farms/{farmId}/rotations/{id}', {
    path,
    body: trimmed(r),
  })
  return path
}
const tryOut = () =>
  attempt(async () => {
    if (!edited.value) return
    const path = await store(edited.value)
    const answer = await consider('/api/farms/{farmId}/rotations/{id}/try', {
      path,
      body: asked.value,
    })
    tried.value = answer
  })
const lay = () =>
  attempt(async () => {
    if (!edited.value) return
    const path = { id: edited.value.id }
    const body = asked.value
    const laid = await alter('POST', '/api/farms/{farmId}/rotations/{id}/lay', { path, body })
    notice.show(
      `${edited.value.name}: ${laid.filled} years filled, ${laid.kept} left as they were.`,
    )
    open.value = false
  })
const remove = () =>
  attempt(async () => {
    if (!edited.value) return
    await alter('DELETE', '/api/farms/{farmId}/rotations/{id}', { path: { id: edited.value.id } })
    edited.value = null
  })
</script>

<template>
  <v-dialog v-model="open" max-width="860">
    <v-card class="pa-5">
      <header class="row mb-3">
        <h2 class="grow">
          A rotation over {{ fieldIds.length }} {{ fieldIds.length === 1 ? 'field' : 'fields' }}
        </h2>
        <v-select
          v-if="rotations?.length"
          :model-value="edited?.id"
          label="Rotation"
          :items="rotations.map((r) => ({ title: r.name, value: r.id }))"
          style="max-width: 260px"
          @update:model-value="pick"
        />
        <v-btn variant="text" @click="fresh">New rotation</v-btn>
      </header>
      <p v-if="!edited" class="muted">
        A rotation is a list of years that comes round: each year's crop, and the cover seeded after
        it. It fills years ahead; what you set by hand stays.
      </p>
      <template v-else>
        <v-text-field v-model="edited.name" label="Name" style="max-width: 320px" />
        <RotationYears v-model="edited.years" />
        <div class="row mt-3">
          <v-select v-model="from" label="From season" :items="seasons" class="short" />
          <v-select v-model="to" label="To season" :items="seasons" class="short" />
          <v-select
            v-model="offset"
            label="The first season is its year"
            :items="offsets"
            class="long"
          />
        </div>
        <div v-if="tried" class="tried">
          <strong>{{ tried.filled }} years would be filled.</strong>
          <span v-if="kept.length"> These stay as they are:</span>
          <ul>
            <li v-for="k in kept.slice(0, 8)" :key="k" class="muted">{{ k }}</li>
            <li v-if="kept.length > 8" class="muted">and {{ kept.length - 8 }} more</li>
          </ul>
        </div>
      </template>
      <footer class="row mt-4">
        <v-btn v-if="edited && session.owner && !tried" color="primary" @click="tryOut"
          >See what it fills</v-btn
        >
        <v-btn v-if="tried" color="primary" :disabled="!tried.filled" @click="lay">Lay it</v-btn>
        <v-btn
          v-if="edited && edited.version !== undefined && session.owner"
          variant="text"
          @click="remove"
          >Take the rotation away</v-btn
        >
        <v-spacer />
        <v-btn variant="text" @click="open = false">Close</v-btn>
      </footer>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.short {
  max-width: 140px;
}
.long {
  max-width: 260px;
}
.tried {
  margin-top: 10px;
  padding: 10px 14px;
  border-radius: 8px;
  background: var(--plate);
}
.tried ul {
  margin: 4px 0 0 18px;
}
</style>
