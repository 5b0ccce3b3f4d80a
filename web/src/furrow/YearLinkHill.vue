<script setup lang="ts">
import { sayFullDay } from '../words/days'
import type { Block } from './yearLinks'

/** A crop or a cover of the years as a hill on its ground, with its name under it. */
const props = defineProps<{
  block: Block
  /** Where the ground is the hill was drawn on, and how much taller it is. */
  ground?: number
  tall?: number
  /** Where its name stands. */
  nameAt: number
  chosen: boolean
  /** Whether it can be gone to. */
  button: boolean
}>()
const emit = defineEmits<{ pick: [] }>()
const said = () => {
  const { name, from, until } = props.block.link
  return `${name}, ${sayFullDay(from)} to ${sayFullDay(until)}`
}
const pick = () => props.button && emit('pick')
</script>

<template>
  <g
    :role="button ? 'button' : 'img'"
    :tabindex="button ? 0 : undefined"
    :aria-label="said()"
    :class="[
      'grew',
      block.link.kind,
      block.link.state,
      { proposed: block.link.status === 'proposed', chosen, button },
    ]"
    @click="pick"
    @keydown.enter="pick"
  >
    <title>{{ said() }}</title>
    <path :d="block.path" :transform="`translate(0,${ground ?? 0}) scale(1,${tall ?? 1})`" />
    <text v-if="block.label" :x="block.left + block.width / 2" :y="nameAt" text-anchor="middle">
      {{ block.label }}
    </text>
    <slot />
  </g>
</template>

<style scoped>
path {
  stroke-width: 1.2;
  vector-effect: non-scaling-stroke;
}
.button {
  cursor: pointer;
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
.button:hover path,
.button:focus-visible path,
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
