<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { crops } from '../field/names'
import { blankYear, coverOf } from './rotation'

/** The years of a rotation: the crop of each, and the cover seeded after it. */
const years = defineModel<Schemas['RotationYear'][]>({ required: true })
const session = useSession()
const NONE = ''
const cropItems = Object.entries(crops).map(([value, title]) => ({ value, title }))
const species = () => session.choices?.species ?? []
const coverItems = () => [
  { title: 'no cover', value: NONE },
  ...species().map((s) => ({ title: s.name, value: s.id })),
]
function cover(i: number, id: string) {
  const y = years.value[i]
  if (y) y.cover = coverOf(species(), id, y.cover)
}
</script>

<template>
  <div v-for="(y, i) in years" :key="i" class="year">
    <span class="muted">{{ i + 1 }}</span>
    <v-select v-model="y.crop" label="Crop" :items="cropItems" class="crop" />
    <v-autocomplete
      :model-value="y.cover?.components[0]?.species ?? NONE"
      label="Then"
      :items="coverItems()"
      class="cover"
      @update:model-value="cover(i, $event)"
    />
    <template v-if="y.cover">
      <v-select
        v-model="y.cover.method"
        label="How"
        :items="(session.choices?.methods ?? []).map((m) => ({ title: m.label, value: m.key }))"
        class="how"
      />
      <v-text-field v-model="y.cover.seedOn" label="Seeded" placeholder="9-20" class="day" />
      <v-select
        v-model="y.cover.ending"
        label="Ended by"
        :items="(session.choices?.endings ?? []).map((e) => ({ title: e.label, value: e.key }))"
        class="how"
      />
      <v-text-field v-model="y.cover.endOn" label="Ended" placeholder="4-25" class="day" />
    </template>
    <v-btn
      v-if="years.length > 1"
      :icon="mdiClose"
      variant="text"
      size="small"
      aria-label="Take this year out"
      @click="years.splice(i, 1)"
    />
  </div>
  <v-btn variant="text" @click="years.push(blankYear())">Another year</v-btn>
</template>

<style scoped>
.year {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 10px;
}
.crop {
  flex: 0 1 140px;
}
.cover {
  flex: 0 1 150px;
}
.how {
  flex: 0 1 150px;
}
.day {
  flex: 0 1 86px;
}
</style>
