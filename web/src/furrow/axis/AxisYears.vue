<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { plus } from '../../words/days'
import type { DayScale } from '../scale'
import YearLinkHill from '../YearLinkHill.vue'
import { blocks, type YearLink } from '../yearLinks'

/** The field's years on the axis: crops and covers, as done and as meant. */
const props = defineProps<{
  links: readonly Schemas['LinkView'][]
  scale: DayScale
  ground: number
  chosen?: string
}>()
defineEmits<{ pick: [id: string] }>()
/** A hill of years is this much lower than there is room for. */
const TALL = 3.1
const drawn = computed(() => {
  const { start, days, width } = props.scale
  const to = plus(start, days)
  const inSight = props.links
    .filter((l) => l.until > start && l.from < to)
    .map((l): YearLink => ({ ...l, logged: l.fromLogged, crop: undefined }))
  return blocks(inSight, { from: start, to, width, ground: 0 })
})
</script>

<template>
  <g>
    <YearLinkHill
      v-for="b in drawn"
      :key="b.link.id"
      :block="b"
      :ground="ground"
      :tall="TALL"
      :name-at="b.link.kind === 'cover' ? ground + 26 : ground + 13"
      :chosen="chosen === b.link.id"
      :button="b.link.kind === 'cover'"
      @pick="$emit('pick', b.link.id)"
    />
    <line x1="0" :x2="scale.width" :y1="ground" :y2="ground" class="ground" />
  </g>
</template>

<style scoped>
.ground {
  stroke: var(--line);
  stroke-width: 1.5;
}
</style>
