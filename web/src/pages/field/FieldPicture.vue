<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import type { FieldSeason, PlanInput, Reason } from '../../api/client'
import FurrowStrip from '../../furrow/FurrowStrip.vue'
import { x } from '../../furrow/scale'
import { WEEKS } from '../../furrow/shapes'
import { months, plus } from '../../words/days'

/** The field's season, large, with its months. */
const props = defineProps<{ shown?: FieldSeason; movable: boolean; proposed: boolean }>()
const emit = defineEmits<{
  move: [plan: PlanInput]
  keep: []
  drop: []
  edge: [reason: Reason | null]
}>()
/** Until the page is measured. */
const WIDE = 900
/** Below it months are said by their first letter. */
const NARROW = 500
const [DAYS, LAST] = [(WEEKS - 1) * 7, 6] as const
const holder = useTemplateRef<HTMLElement>('holder')
const { width } = useElementSize(holder, { width: WIDE, height: 0 })
const ticks = computed(() => {
  const s = props.shown
  return s ? months(s.start, plus(s.start, DAYS - LAST)) : []
})
const at = (day: string) =>
  x({ start: props.shown?.start ?? day, days: DAYS, width: width.value }, day) + 'px'
</script>

<template>
  <div ref="holder" class="card picture">
    <template v-if="shown">
      <div class="months" aria-hidden="true">
        <span v-for="t in ticks" :key="t.day" :style="{ left: at(t.day) }">{{
          width < NARROW ? t.name.charAt(0) : t.name
        }}</span>
      </div>
      <FurrowStrip
        :furrow="shown.furrow"
        :shape="shown.shape"
        :start="shown.start"
        :today="shown.today"
        :width="width"
        :height="190"
        :movable="movable"
        :proposed="proposed"
        large
        @move="emit('move', $event)"
        @keep="emit('keep')"
        @drop="emit('drop')"
        @edge="emit('edge', $event)"
      />
    </template>
  </div>
</template>

<style scoped>
.picture {
  padding: 6px 14px 10px;
  overflow: hidden;
}
.months {
  position: relative;
  height: 18px;
  font-size: 12px;
  color: var(--muted);
}
.months span {
  position: absolute;
  padding-left: 4px;
  border-left: 1px solid var(--rule);
}
@media (max-width: 900px) {
  .picture {
    padding: 4px 6px 8px;
  }
}
</style>
