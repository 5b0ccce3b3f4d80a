<script setup lang="ts">
import { computed } from 'vue'
import { sayDay } from '../../words/days'
import { drawing } from '../marks'
import { x, type DayScale } from '../scale'
import { placed, type LaneBar } from './lanes'

/** Ways of seeding or ending under each other, each on the days it can be. */
const props = defineProps<{
  bars: LaneBar[]
  scale: DayScale
  y: number
  /** Height of one, with its gap. */
  row: number
  /** Close by, a name stands in its bar where it has room; from afar behind it. */
  close: boolean
  movable: boolean
}>()
const emit = defineEmits<{ point: [key?: string]; pick: [key: string] }>()
const [GAP, LEAST, ICON, LETTER, FROM_AFAR, GAP_TOLD] = [3, 3, 15, 6.7, 0.62, 18] as const
const drawn = computed(() =>
  props.bars.flatMap((bar, i) => {
    const at = placed(bar, props.scale)
    if (!at) return []
    const room = props.row - GAP
    const tall = Math.max(LEAST, room * bar.thick * (props.close ? 1 : FROM_AFAR))
    const top = props.y + i * props.row
    const told = props.close && bar.tells ? bar.tells : ''
    const needed = (bar.label.length + told.length) * LETTER + ICON + (told ? GAP_TOLD : 10)
    const within = props.close && at.right - at.left > needed
    // Behind the bar, unless that is off the axis: then before it.
    const behind = at.right + 5 + needed < props.scale.width
    // Where its name stands behind it, the axis' own line of planting is enough.
    const plant = bar.plantOn && (within || !behind) ? x(props.scale, bar.plantOn) : 0
    const planted = plant > at.right && plant < props.scale.width ? plant : undefined
    const name = within ? at.left + 3 : behind ? at.right + 5 : Math.max(0, at.left - needed)
    return [
      {
        bar,
        ...at,
        told,
        within,
        planted,
        tall,
        top: top + (room - tall),
        middle: top + room / 2,
        name,
      },
    ]
  }),
)
const said = (b: LaneBar) =>
  `${b.label}, ${sayDay(b.from)} to ${sayDay(b.to)}${b.tells ? `: ${b.tells}` : ''}`
</script>

<template>
  <g>
    <defs>
      <pattern
        id="axis-late"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="2.6" height="6" class="best" />
      </pattern>
    </defs>
    <g
      v-for="d in drawn"
      :key="d.bar.key"
      :class="['bar', { chosen: d.bar.chosen, over: d.bar.over }]"
      :role="movable ? 'button' : 'img'"
      tabindex="0"
      :aria-label="said(d.bar)"
      @mouseenter="emit('point', d.bar.key)"
      @mouseleave="emit('point')"
      @focus="emit('point', d.bar.key)"
      @blur="emit('point')"
      @click="movable && emit('pick', d.bar.key)"
      @keydown.enter="movable && emit('pick', d.bar.key)"
    >
      <title>{{ said(d.bar) }}</title>
      <rect
        :x="d.left"
        :width="Math.max(2, d.best - d.left)"
        :y="d.top"
        :height="d.tall"
        class="best"
      />
      <rect
        :x="d.best"
        :width="Math.max(0, d.right - d.best)"
        :y="d.top"
        :height="d.tall"
        fill="url(#axis-late)"
      />
      <path v-if="d.planted" :d="`M${d.right},${d.middle}H${d.planted - 3}`" class="planted" />
      <circle v-if="d.planted" :cx="d.planted" :cy="d.middle" r="3" class="planted" />
      <g :class="['name', { outside: !d.within }]">
        <path
          :d="drawing(d.bar.key)"
          :transform="`translate(${d.name},${d.middle - ICON / 2}) scale(${ICON / 20})`"
        />
        <text :x="d.name + ICON + 4" :y="d.middle + 4">
          {{ d.bar.label }}<tspan v-if="d.told" dx="8" class="told">{{ d.told }}</tspan>
        </text>
      </g>
    </g>
  </g>
</template>

<style scoped>
.best {
  fill: var(--leaf-fan);
}
.chosen .best {
  fill: color-mix(in srgb, var(--leaf) 60%, var(--leaf-fan));
}
.over {
  opacity: 0.5;
}
.bar[role='button'] {
  cursor: pointer;
}
.bar:focus-visible {
  outline: none;
}
.bar:focus-visible rect,
.bar:hover rect {
  stroke: var(--ink);
  stroke-width: 1.2;
}
text {
  font-size: 11.5px;
  fill: var(--ink);
  paint-order: stroke;
  stroke: color-mix(in srgb, rgb(var(--v-theme-surface)) 55%, transparent);
  stroke-width: 2px;
}
/* Beside its bar a name may stand on a line: the line stops before it. */
.outside text {
  stroke: rgb(var(--v-theme-surface));
  stroke-width: 4px;
}
.planted {
  fill: none;
  stroke: var(--soil);
  stroke-dasharray: 2 2;
}
circle.planted {
  stroke-dasharray: none;
}
.told {
  fill: var(--muted);
  font-weight: 400;
}
.chosen text {
  font-weight: 650;
}
.name path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.name {
  pointer-events: none;
}
</style>
