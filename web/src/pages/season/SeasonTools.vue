<script setup lang="ts">
import type { RowHeight } from '../../furrow/heights'
import { GROUPINGS, type Grouping } from './grouping'
import { LENSES } from './lenses'
import RowHeights from './RowHeights.vue'
import { useLens } from './useLens'

/** How the season's rows are looked at: which, in what order, for what, how tall. */
const words = defineModel<string>('words', { required: true })
const grouping = defineModel<Grouping>('grouping', { required: true })
const tall = defineModel<RowHeight>('tall', { required: true })
defineEmits<{ undo: [] }>()
const lens = useLens()
</script>

<template>
  <div class="tools">
    <v-text-field
      v-model="words"
      label="Filter"
      class="filter"
      clearable
      @click:clear="words = ''"
    />
    <v-select v-model="grouping" label="Group by" class="group" :items="GROUPINGS" />
    <v-select v-model="lens" label="Look at" class="lens" :items="LENSES" />
    <RowHeights v-model="tall" />
    <v-btn variant="text" title="Undo the last change (u)" @click="$emit('undo')">Undo</v-btn>
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
  width: 140px;
}
@media (max-width: 700px) {
  .tools {
    flex-wrap: wrap;
    width: 100%;
  }
  .filter,
  .group {
    flex: 1 1 44%;
    width: auto;
  }
  .lens {
    flex: 1 1 20%;
    width: auto;
  }
}
</style>
