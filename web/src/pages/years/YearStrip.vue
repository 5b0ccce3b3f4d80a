<script setup lang="ts">
import { computed } from 'vue'
import { sayFullDay } from '../../words/days'
import { blocks, seasonLines, xOf, type StripRoom, type YearLink } from '../../furrow/yearLinks'

/** What grows on a piece of ground through the years. */
const props = defineProps<{
  links: readonly YearLink[]
  from: string
  to: string
  today: string
  width: number
  /** Ids of links of which a rule is not kept. */
  broken?: readonly string[]
  chosen?: string
  /** What a drag has taken of it, in pixels. */
  dragged?: { left: number; width: number } | null
}>()
const emit = defineEmits<{ pick: [link: YearLink]; down: [share: number]; over: [share: number] }>()
const shareOf = (event: PointerEvent) =>
  (event.clientX - (event.currentTarget as Element).getBoundingClientRect().left) / props.width
const [HEIGHT, GROUND, LABEL] = [66, 42, 57] as const
const room = computed<StripRoom>(() => ({
  from: props.from,
  to: props.to,
  width: props.width,
  ground: GROUND,
}))
const drawn = computed(() => blocks(props.links, room.value))
const lines = computed(() => seasonLines(room.value))
const now = computed(() => xOf(props.today, room.value))
const said = (l: YearLink) => `${l.name}, ${sayFullDay(l.from)} to ${sayFullDay(l.until)}`
</script>

<template>
  <svg
    :width="width"
    :height="HEIGHT"
    class="strip"
    role="group"
    aria-label="Through the years"
    @pointerdown.left="$event.pointerType === 'mouse' && emit('down', shareOf($event))"
    @pointermove="emit('over', shareOf($event))"
  >
    <rect
      v-if="dragged"
      :x="dragged.left"
      y="0"
      :width="dragged.width"
      :height="HEIGHT"
      class="dragged"
    />
    <line
      v-for="l in lines"
      :key="l.season"
      :x1="l.x"
      :x2="l.x"
      y1="4"
      :y2="GROUND + 4"
      class="july"
    />
    <g
      v-for="b in drawn"
      :key="b.link.id"
      role="button"
      tabindex="0"
      :aria-label="said(b.link)"
      :class="[
        'link',
        b.link.kind,
        b.link.state,
        { proposed: b.link.status === 'proposed', chosen: chosen === b.link.id },
      ]"
      @click="emit('pick', b.link)"
      @keydown.enter="emit('pick', b.link)"
    >
      <title>{{ said(b.link) }}</title>
      <path :d="b.path" />
      <text v-if="b.label" :x="b.left + b.width / 2" :y="LABEL" text-anchor="middle">
        {{ b.label }}
      </text>
      <circle v-if="broken?.includes(b.link.id)" :cx="b.left + b.width" :cy="GROUND - 24" r="4" />
    </g>
    <line x1="0" :x2="width" :y1="GROUND" :y2="GROUND" class="ground" />
    <line :x1="now" :x2="now" y1="0" :y2="GROUND + 5" class="today" />
  </svg>
</template>

<style scoped>
.strip {
  display: block;
  user-select: none;
}
.dragged {
  fill: var(--leaf);
  fill-opacity: 0.14;
}
.ground {
  stroke: var(--line);
  stroke-width: 2;
}
.july {
  stroke: var(--rule);
}
.today {
  stroke: var(--rust);
  stroke-width: 1.5;
}
.link {
  cursor: pointer;
  text-decoration: none;
}
.link path {
  stroke-width: 1.2;
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
.ahead path {
  fill-opacity: 0.55;
}
.proposed path {
  fill-opacity: 0.15;
  stroke-dasharray: 4 3;
}
.link:hover path,
.link.chosen path {
  stroke: var(--ink);
  stroke-width: 2;
}
.link text {
  font-size: 11px;
  fill: var(--muted);
}
.cover text {
  fill: var(--leaf);
}
circle {
  fill: var(--rust);
}
</style>
