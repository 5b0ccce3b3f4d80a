<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { line } from '../../charts/axes'
import { useSession } from '../../session'
import { placed } from './soilDots'

/** Looks at one figure of a soil, the field's own joined, others pale. */
const props = defineProps<{ figure: Schemas['SoilFigure'] }>()
const session = useSession()
const [width, height, left, foot, top] = [300, 84, 8, 20, 18]
const box = { width, height, left, foot, top }
const at = computed(() => placed(props.figure.own, props.figure.beside, box))
const ground = box.height - box.foot
const said = (l: Schemas['SoilLook']) => session.amount(l.value, props.figure.unit)
</script>

<template>
  <svg :viewBox="`0 0 ${box.width} ${box.height}`" role="img" :aria-label="figure.label">
    <line :x1="box.left" :x2="box.width" :y1="ground" :y2="ground" class="ground" />
    <g v-for="y in at.years" :key="y.year">
      <line :x1="y.x" :x2="y.x" :y1="ground" :y2="ground + 4" class="ground" />
      <text :x="y.x + 3" :y="box.height - 5">{{ y.year }}</text>
    </g>
    <circle v-for="(p, i) in at.beside" :key="`b${i}`" :cx="p[0]" :cy="p[1]" r="3" class="beside" />
    <path v-if="at.own.length > 1" :d="line(at.own)" class="joined" />
    <template v-for="(p, i) in at.own" :key="`o${i}`">
      <circle :cx="p[0]" :cy="p[1]" r="4.5" class="own" />
      <text :x="p[0]" :y="p[1] - 8" text-anchor="middle" class="value">
        {{ said(figure.own[i]!) }}
      </text>
    </template>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
}
.ground {
  stroke: var(--line);
  stroke-width: 1.5;
}
.beside {
  fill: var(--soil-band);
}
.joined {
  fill: none;
  stroke: var(--leaf);
  stroke-width: 2;
}
.own {
  fill: var(--leaf);
}
text {
  font-size: 11px;
  fill: var(--muted);
}
.value {
  font-weight: 600;
  fill: currentcolor;
  paint-order: stroke;
  stroke: rgb(var(--v-theme-surface));
  stroke-width: 3px;
}
</style>
