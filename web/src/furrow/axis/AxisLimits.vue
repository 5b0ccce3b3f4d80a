<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import type { DayScale } from '../scale'
import { limitsOn } from './limits'

/**
 * Days that bind what is planned: an insurer's last day as a line, a residual's wait and days without grazing as
 * hatched bands, animals on the cover as a full one.
 */
const props = defineProps<{
  limits: Schemas['Limit'][]
  /** The planting of the next crop. */
  plantOn?: string
  scale: DayScale
  height: number
}>()
const session = useSession()
const drawn = computed(() => limitsOn(props.limits, props.plantOn, props.scale))
/** Names stand on one line, bands below them, so tall, above the lanes. */
const [NAME_AT, BAND_AT, BAND] = [11, 14, 6] as const
const why = (l: { why?: Schemas['ReasonView'] }) =>
  l.why ? sentence(session.reason(l.why)) : 'Planting of the next crop'
</script>

<template>
  <g>
    <defs>
      <pattern id="wait" width="6" height="6" patternUnits="userSpaceOnUse">
        <path d="M0,6L6,0" class="hatch" />
      </pattern>
    </defs>
    <g
      v-for="l in drawn"
      :key="`${l.key}${l.left}`"
      tabindex="0"
      role="img"
      :aria-label="why(l)"
      class="limit"
    >
      <title>{{ why(l) }}</title>
      <rect
        v-if="l.wide"
        :x="l.left"
        :y="BAND_AT"
        :width="l.right - l.left"
        :height="BAND"
        class="band"
        :class="l.key"
      />
      <path v-else :d="`M${l.left},0v${height}`" class="line" :class="l.key" />
      <text
        v-if="l.named"
        :x="l.before ? l.left - 5 : l.right + 5"
        :y="NAME_AT"
        :text-anchor="l.before ? 'end' : 'start'"
        class="name"
        >{{ l.name }}</text
      >
    </g>
  </g>
</template>

<style scoped>
.hatch {
  stroke: var(--rust);
  stroke-width: 1;
}
.band {
  fill: url('#wait');
  stroke: var(--rust);
  stroke-width: 0.8;
}
.band.grazed {
  fill: var(--leaf);
  stroke: var(--leaf);
}
.line {
  stroke: var(--line);
  stroke-dasharray: 5 4;
}
.line.insurer {
  stroke: var(--rust);
  stroke-dasharray: 2 3;
  stroke-width: 1.4;
}
.name {
  font-size: 11px;
  fill: var(--muted);
  paint-order: stroke;
  stroke: rgb(var(--v-theme-surface));
  stroke-width: 3px;
}
.limit:focus-visible {
  outline: 2px solid var(--sky);
}
</style>
