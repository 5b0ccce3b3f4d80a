<script setup lang="ts">
import { computed } from 'vue'
import { between, sayDay } from '../words/days'
import type { Mark } from './furrowMarks'
import { drawing } from './marks'

/** One mark on the furrow with the tool it stands for; what may be moved is a slider. */
const props = defineProps<{
  mark: Mark
  field: string
  start: string
  days: number
  accepted?: boolean
  proposed?: boolean
}>()
const PLATE =
  'M-11,-26h22a3,3 0 0 1 3,3v14a3,3 0 0 1 -3,3h-7l-4,6l-4,-6h-7a3,3 0 0 1 -3,-3v-14a3,3 0 0 1 3,-3z'
const label = computed(
  () =>
    `${props.mark.label} of ${props.field}` +
    (props.mark.movable ? '' : ', ' + sayDay(props.mark.day)),
)
const slider = computed(() =>
  props.mark.movable
    ? {
        role: 'slider',
        tabindex: 0,
        'aria-valuetext': sayDay(props.mark.day),
        'aria-valuenow': between(props.start, props.mark.day),
        'aria-valuemin': 0,
        'aria-valuemax': props.days,
      }
    : { role: 'img', tabindex: -1 },
)
</script>

<template>
  <g
    :class="[
      'mark',
      mark.id,
      {
        movable: mark.movable,
        done: mark.done,
        likely: mark.unsaid === 'likely',
        open: mark.unsaid === 'open',
        accepted,
        proposed: proposed && mark.movable,
      },
    ]"
    v-bind="slider"
    :aria-label="label"
  >
    <path v-if="mark.id !== 'plant'" class="plate" :d="PLATE" />
    <path
      class="tool"
      :d="drawing(mark.kind)"
      :transform="
        mark.id === 'plant' ? 'translate(-9,-15.5) scale(0.9)' : 'translate(-9,-25) scale(0.9)'
      "
    />
    <text v-if="mark.unsaid === 'open'" class="ask" x="14" y="-20">?</text>
    <title>
      {{ mark.label }} {{ sayDay(mark.day)
      }}{{ mark.unsaid === 'likely' ? ', likely' : mark.unsaid ? ', nothing written down' : '' }}
    </title>
  </g>
</template>

<style scoped>
.likely .tool {
  stroke-dasharray: 3 2;
  opacity: 0.6;
}
.plant.done .tool {
  stroke: var(--ink);
}
.ask {
  fill: var(--rust);
  font-weight: 700;
  font-size: 15px;
}
.plate {
  fill: var(--plate);
  stroke: var(--ink);
  stroke-width: 1.3;
  stroke-dasharray: 3 2;
}
.accepted .plate {
  stroke-dasharray: none;
}
.tool {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.open .plate {
  stroke: var(--rust);
  stroke-dasharray: 3 2;
}
.done .plate {
  fill: var(--ink);
  stroke-dasharray: none;
}
.done:not(.plant) .tool {
  stroke: var(--plate);
}
.movable {
  cursor: ew-resize;
  touch-action: none;
}
.proposed .plate {
  stroke: var(--rust);
  stroke-width: 2;
}
.proposed .tool {
  stroke: var(--rust);
}
.mark:focus-visible {
  outline: none;
}
.mark:focus-visible .plate {
  stroke: var(--sky);
  stroke-width: 2.6;
}
</style>
