<script setup lang="ts">
import { computed, onBeforeUnmount } from 'vue'
import type { Taken } from './taking'

/** Pictures that go with what is being written. */
const pictures = defineModel<Taken[]>({ required: true })
const made = new Map<string, string>()
const shown = computed(() =>
  pictures.value.map((t) => {
    if (!made.has(t.id)) made.set(t.id, URL.createObjectURL(t.picture))
    return { id: t.id, address: made.get(t.id)! }
  }),
)
onBeforeUnmount(() => made.forEach((address) => URL.revokeObjectURL(address)))
const without = (id: string) => (pictures.value = pictures.value.filter((t) => t.id !== id))
</script>

<template>
  <span v-if="shown.length" class="row">
    <span v-for="(t, i) in shown" :key="t.id" class="one">
      <img :src="t.address" :alt="`Picture ${i + 1}, not written down yet`" />
      <button type="button" :aria-label="`Leave picture ${i + 1} out`" @click="without(t.id)">
        ×
      </button>
    </span>
  </span>
</template>

<style scoped>
.one {
  position: relative;
}
img {
  display: block;
  height: 56px;
  border-radius: 6px;
}
button {
  position: absolute;
  top: 0;
  right: 0;
  width: 28px;
  height: 28px;
  border-radius: 0 6px 0 6px;
  background: var(--plate);
}
</style>
