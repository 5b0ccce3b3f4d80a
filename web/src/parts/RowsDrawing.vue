<script setup lang="ts">
/** Crop rows, cover rows, the next crop's row and the band of nitrogen in one gap, to scale. */
const props = defineProps<{
  spacing: number
  cover: number[]
  next?: number
  band?: number
  /** Whether the crop stands; else its rows are stubble. */
  standing: boolean
}>()
/** The drawing's width and the edge left at either side. */
const [W, EDGE] = [360, 30] as const
const x = (m: number) => EDGE + ((W - 2 * EDGE) * m) / (props.spacing || 1)
</script>

<template>
  <svg :viewBox="`0 0 ${W} 96`" role="img" aria-label="Rows to scale">
    <line x1="0" :x2="W" y1="66" y2="66" class="ground" />
    <g v-for="m in [0, spacing]" :key="m">
      <line :x1="x(m)" :x2="x(m)" :y1="standing ? 18 : 52" y2="66" class="crop" />
      <text :x="x(m)" :y="standing ? 12 : 46" text-anchor="middle">
        {{ standing ? 'crop' : 'old row' }}
      </text>
    </g>
    <line v-for="r in cover" :key="r" :x1="x(r)" :x2="x(r)" y1="46" y2="66" class="cover" />
    <template v-if="next !== undefined">
      <path :d="`M${x(next)},70l-6,12h12z`" class="next" />
      <text :x="x(next)" y="94" text-anchor="middle">next row</text>
    </template>
    <template v-if="band !== undefined">
      <rect :x="x(band) - 6" y="68" width="12" height="6" class="band" />
      <text v-if="next === undefined" :x="x(band)" y="90" text-anchor="middle">nitrogen</text>
    </template>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
}
.ground {
  stroke: var(--line);
  stroke-width: 2;
}
.crop {
  stroke: var(--crop-straw);
  stroke-width: 5;
}
.cover {
  stroke: var(--leaf);
  stroke-width: 4;
}
.next {
  fill: var(--rust);
}
.band {
  fill: var(--sky);
}
text {
  font-size: 12px;
  fill: var(--muted);
}
</style>
