<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { plus, sayFullDay } from '../../words/days'
import type { DayScale } from '../scale'
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
const said = (l: YearLink) => `${l.name}, ${sayFullDay(l.from)} to ${sayFullDay(l.until)}`
</script>

<template>
  <g>
    <g
      v-for="b in drawn"
      :key="b.link.id"
      :role="b.link.kind === 'cover' ? 'button' : 'img'"
      :tabindex="b.link.kind === 'cover' ? 0 : undefined"
      :aria-label="said(b.link)"
      :class="[
        'grew',
        b.link.kind,
        b.link.state,
        { proposed: b.link.status === 'proposed', chosen: chosen === b.link.id },
      ]"
      @click="b.link.kind === 'cover' && $emit('pick', b.link.id)"
      @keydown.enter="b.link.kind === 'cover' && $emit('pick', b.link.id)"
    >
      <title>{{ said(b.link) }}</title>
      <path :d="b.path" :transform="`translate(0,${ground}) scale(1,${TALL})`" />
      <text
        v-if="b.label"
        :x="b.left + b.width / 2"
        :y="b.link.kind === 'cover' ? ground + 26 : ground + 13"
        text-anchor="middle"
      >
        {{ b.label }}
      </text>
    </g>
    <line x1="0" :x2="scale.width" :y1="ground" :y2="ground" class="ground" />
  </g>
</template>

<style scoped>
.ground {
  stroke: var(--line);
  stroke-width: 1.5;
}
path {
  stroke-width: 1.2;
  vector-effect: non-scaling-stroke;
}
.crop path {
  fill: var(--crop-straw);
  stroke: var(--line);
}
.crop.standing path,
.crop.ahead path {
  fill: var(--crop-green);
}
.cover path {
  fill: var(--leaf);
  stroke: var(--leaf);
}
.cover {
  cursor: pointer;
}
.ahead path {
  fill-opacity: 0.55;
  stroke-dasharray: 5 3;
}
.proposed path {
  fill-opacity: 0.15;
  stroke-dasharray: 4 3;
}
.cover:hover path,
.cover:focus-visible path,
.chosen path {
  stroke: var(--ink);
  stroke-width: 2;
}
text {
  font-size: 11px;
  fill: var(--muted);
}
.cover text {
  fill: var(--leaf);
}
</style>
