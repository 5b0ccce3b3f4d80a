<script setup lang="ts">
import { ref } from 'vue'
import { farmNow } from '../farm/now'
import { useRead } from '../farm/data'
import { useSession } from '../session'
import { sayDay } from '../words/days'
import { sentence } from '../words/reasons'
import { kindOf } from '../pages/field/entries'
import PictureView from './PictureView.vue'
import type { Picture } from './spots'

/** A field's pictures in the order of their days: the season as it looked. */
const props = defineProps<{ fieldId: string }>()
const session = useSession()
const { data } = useRead('/api/farms/{farmId}/fields/{fieldId}/pictures', () => ({
  path: { fieldId: props.fieldId },
}))
const open = ref<string | null>(null)
const small = (p: Picture) => `/api/farms/${farmNow()}/pictures/${p.id}/small`
const what = (p: Picture) => sentence(kindOf(session.entryKinds, p.kind)?.label ?? p.kind)
const green = (p: Picture) => `${session.amount(p.green ?? 0, 'SHARE')} green`
const said = (p: Picture) => [what(p), sayDay(p.takenOn), p.takenOn.slice(0, 4)].join(' ')
</script>

<template>
  <div v-if="data?.length" class="strip" role="list" aria-label="Pictures of the field">
    <button v-for="p in data" :key="p.id" role="listitem" class="one" @click="open = p.id">
      <img :src="small(p)" :alt="said(p)" loading="lazy" height="92" />
      <span class="day">{{ sayDay(p.takenOn) }} {{ p.takenOn.slice(0, 4) }}</span>
      <span class="muted">{{ p.green === undefined ? what(p) : green(p) }}</span>
    </button>
    <PictureView v-if="open" :pictures="data" :open="open" @turn="open = $event" />
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 10px;
  padding: 6px 0 10px;
  overflow-x: auto;
}
.one {
  flex: none;
  text-align: left;
  font-size: 0.86rem;
}
img {
  display: block;
  height: 92px;
  border-radius: 6px;
}
.day {
  display: block;
  font-weight: 600;
}
</style>
