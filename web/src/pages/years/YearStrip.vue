<script setup lang="ts">
import { computed } from 'vue'
import YearLinkHill from '../../furrow/YearLinkHill.vue'
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
    <YearLinkHill
      v-for="b in drawn"
      :key="b.link.id"
      :block="b"
      :name-at="LABEL"
      :chosen="chosen === b.link.id"
      button
      @pick="emit('pick', b.link)"
    >
      <circle v-if="broken?.includes(b.link.id)" :cx="b.left + b.width" :cy="GROUND - 24" r="4" />
    </YearLinkHill>
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
circle {
  fill: var(--rust);
}
</style>
