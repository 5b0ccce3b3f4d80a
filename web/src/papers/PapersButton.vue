<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../api/client'
import { useRead } from '../farm/data'
import { counted } from '../words/lists'
import PapersDialog from './PapersDialog.vue'

/** How many papers are kept with something, and the way to them. */
const props = defineProps<{
  holder: Schemas['PaperView']['holder']
  holderId: string
  title: string
}>()
const { data } = useRead('/api/farms/{farmId}/papers')
const mine = computed(() => (data.value ?? []).filter((p) => p.holderId === props.holderId))
const open = ref(false)
</script>

<template>
  <span>
    <button type="button" class="papers" @click="open = true">
      {{ mine.length ? counted(mine.length, 'paper', 'papers') : 'add papers' }}
    </button>
    <PapersDialog
      v-if="open"
      :holder="holder"
      :holder-id="holderId"
      :title="title"
      :papers="mine"
      @close="open = false"
    />
  </span>
</template>

<style scoped>
.papers {
  text-decoration: underline;
  text-underline-offset: 3px;
  white-space: nowrap;
}
@media (max-width: 600px) {
  .papers {
    min-height: 44px;
  }
}
</style>
