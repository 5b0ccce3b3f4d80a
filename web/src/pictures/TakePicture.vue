<script setup lang="ts">
import { mdiCameraPlusOutline } from '@mdi/js'
import { ref } from 'vue'
import { kept } from '../pages/walk/kept'
import { attempt } from '../shell/attempt'
import { taken, type Taken } from './taking'

/** Takes pictures, or chooses them; the place is kept only where that was said. */
defineProps<{
  label: string
  /** Only its sign, where there is little room. */
  small?: boolean
}>()
const emit = defineEmits<{ taken: [Taken[]] }>()
const placed = kept('picture-place', false)
const busy = ref(false)

async function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const files = [...(input.files ?? [])]
  input.value = ''
  busy.value = true
  const all = await attempt(() => taken(files, placed.value))
  busy.value = false
  if (all?.length) emit('taken', all)
}
</script>

<template>
  <span class="take no-print">
    <label class="button" :class="{ busy, small }" :title="label">
      <v-icon :icon="mdiCameraPlusOutline" size="20" />
      <span v-if="!small">{{ busy ? 'Making it ready' : label }}</span>
      <input
        type="file"
        accept="image/jpeg,image/png"
        multiple
        :aria-label="label"
        :disabled="busy"
        @change="chosen"
      />
    </label>
    <label v-if="!small" class="place">
      <input v-model="placed" type="checkbox" />
      with its place
    </label>
  </span>
</template>

<style scoped>
.take {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
}
.button {
  position: relative;
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  padding: 0 14px;
  border: 1px solid var(--line);
  border-radius: 6px;
  cursor: pointer;
}
.button:focus-within {
  outline: 2px solid var(--sky);
  outline-offset: 2px;
}
.busy {
  opacity: 0.6;
}
.small {
  min-width: 28px;
  min-height: 28px;
  padding: 0;
  border: 0;
  color: var(--muted);
}
@media (max-width: 600px) {
  .small {
    min-width: 44px;
    min-height: 44px;
    justify-content: center;
  }
}
.button input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.place {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
}
</style>
