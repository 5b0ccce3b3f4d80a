<script setup lang="ts" generic="T extends { key: string }">
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'

/**
 * Rows by the hundred, drawn only as far as they are seen; the head of the group that is looked at
 * stays on top. On paper all rows are drawn.
 */
const props = defineProps<{ items: T[]; isHead?: (item: T) => boolean }>()
defineSlots<{ default(props: { item: T }): unknown }>()
const printing = useMediaQuery('print')
const box = useTemplateRef<HTMLElement>('box')
const first = ref<number>()
/** The row that is looked at first, and whether its upper edge is past the top. */
function looked() {
  const top = box.value?.getBoundingClientRect().top ?? 0
  const rows = [...(box.value?.querySelectorAll<HTMLElement>('[data-row]') ?? [])]
  const seen = rows.find((r) => r.getBoundingClientRect().bottom > top + 1)
  first.value = seen ? Number(seen.dataset.row) : undefined
}
const stuck = computed(() => {
  const { items, isHead } = props
  const at = first.value === undefined ? undefined : items[first.value]
  if (!isHead || !at || isHead(at)) return undefined
  return items.slice(0, first.value).filter(isHead).at(-1)
})
</script>

<template>
  <div ref="box" class="long">
    <div v-if="printing">
      <template v-for="item in items" :key="item.key"><slot :item="item" /></template>
    </div>
    <template v-else>
      <div v-if="stuck" class="stuck"><slot :item="stuck" /></div>
      <v-virtual-scroll class="scroller" :items="items" item-key="key" @scroll.passive="looked">
        <template #default="{ item, index }">
          <div :data-row="index"><slot :item="item" /></div>
        </template>
      </v-virtual-scroll>
    </template>
  </div>
</template>

<style scoped>
.long {
  position: relative;
}
.scroller {
  height: 100%;
}
.stuck {
  position: absolute;
  inset: 0 0 auto;
  z-index: 4;
  padding: 0 20px;
  background: rgb(var(--v-theme-background));
}
</style>
