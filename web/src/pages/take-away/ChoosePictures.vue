<script setup lang="ts">
import { computed, watch } from 'vue'
import { farmNow } from '../../farm/now'
import { useRead } from '../../farm/data'
import { sayDay } from '../../words/days'

/** Which pictures of a field and some days go along; all of them at first. */
const chosen = defineModel<string[]>({ required: true })
const props = defineProps<{ fieldId: string; from: string; to: string }>()
const { data } = useRead('/api/farms/{farmId}/fields/{fieldId}/pictures', () => ({
  path: { fieldId: props.fieldId },
}))
const here = computed(() =>
  (data.value ?? []).filter((p) => p.takenOn >= props.from && p.takenOn <= props.to),
)
watch(here, (now) => (chosen.value = now.map((p) => p.id)), { immediate: true })
const small = (id: string) => `/api/farms/${farmNow()}/pictures/${id}/small`
</script>

<template>
  <p v-if="!here.length" class="muted small my-2">No pictures of this field in these days.</p>
  <fieldset v-else class="shots my-2">
    <legend class="muted small">{{ chosen.length }} of {{ here.length }} pictures go along</legend>
    <label v-for="p in here" :key="p.id" :class="{ on: chosen.includes(p.id) }">
      <img :src="small(p.id)" :alt="`Taken ${sayDay(p.takenOn)}`" />
      <span><input v-model="chosen" type="checkbox" :value="p.id" /> {{ sayDay(p.takenOn) }}</span>
    </label>
  </fieldset>
</template>

<style scoped>
.shots {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  border: 0;
  padding: 0;
}
label {
  border: 2px solid var(--rule);
  border-radius: 8px;
  overflow: hidden;
  opacity: 0.6;
}
.on {
  border-color: var(--leaf);
  opacity: 1;
}
img {
  display: block;
  width: 116px;
  height: 87px;
  object-fit: cover;
}
span {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 44px;
  padding: 0 8px;
  font-size: 0.86rem;
}
</style>
