<script setup lang="ts">
import { mdiUndo } from '@mdi/js'
import type { RowHeight } from '../../furrow/heights'
import { GROUPINGS, type Grouping } from './grouping'
import { LENSES } from './lenses'
import RowHeights from './RowHeights.vue'
import { useLens } from './useLens'

/** How the season's rows are looked at: which, in what order, for what, how tall. */
const words = defineModel<string>('words', { required: true })
const grouping = defineModel<Grouping>('grouping', { required: true })
const tall = defineModel<RowHeight>('tall', { required: true })
/** On a phone fields are found by their name, and how tall they are is chosen beside their days. */
defineProps<{ narrow: boolean }>()
defineEmits<{ undo: [] }>()
const lens = useLens()
</script>

<template>
  <div class="tools">
    <v-text-field
      v-if="!narrow"
      v-model="words"
      label="Filter"
      class="filter"
      clearable
      @click:clear="words = ''"
    />
    <v-select v-model="lens" label="Look at" class="lens" :items="LENSES" />
    <v-select
      v-if="lens !== 'seeding'"
      v-model="grouping"
      label="Group by"
      class="group"
      :items="GROUPINGS"
    />
    <RowHeights v-if="!narrow" v-model="tall" />
    <v-btn
      :icon="narrow ? mdiUndo : undefined"
      variant="text"
      title="Undo the last change (u)"
      :aria-label="narrow ? 'Undo' : undefined"
      @click="$emit('undo')"
      ><template v-if="!narrow" #default>Undo</template></v-btn
    >
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  gap: 8px;
  align-items: center;
}
.filter {
  width: 150px;
}
.group {
  width: 155px;
}
.lens {
  width: 186px;
}
@media (max-width: 700px) {
  .tools {
    width: 100%;
  }
  .group,
  .lens {
    flex: 1 1 40%;
    width: auto;
  }
}
</style>
