<script setup lang="ts">
import type { Schemas } from '../../../api/client'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import { sentence } from '../../../words/reasons'
import type { RowGeometry } from './rowQuestion'

/** Crop rows, cover rows, the next crop's row and the band, to scale. */
const geometry = defineModel<RowGeometry>({ required: true })
defineProps<{ answer: Schemas['RowsAnswer'] | null; trouble: string }>()
const session = useSession()
/** The drawing's width and the edge left at either side. */
const [W, EDGE] = [520, 36] as const
const x = (m: number) => EDGE + ((W - 2 * EDGE) * m) / (geometry.value.spacing || 1)
/** A distance of rows, in metres, as it is read on a tape. */
const tape = (m: number) => session.amount(m * 1000, 'MM', 1)
</script>

<template>
  <section class="card">
    <h2>Rows</h2>
    <div class="two mt-2">
      <FigureField v-model="geometry.spacing" label="Crop rows apart" unit="M" :digits="2" />
      <FigureField v-model="geometry.openers" label="Openers in a gap" />
      <FigureField v-model="geometry.apart" label="Openers apart" unit="M" :digits="2" />
      <FigureField
        v-model="geometry.next"
        label="Next crop’s row, from this one"
        unit="M"
        :digits="2"
      />
      <FigureField v-model="geometry.band" label="Side-dress band at" unit="M" :digits="2" />
    </div>
    <p v-if="trouble" class="rust my-2">{{ trouble }}</p>
    <template v-if="answer">
      <svg :viewBox="`0 0 ${W} 96`" role="img" aria-label="Rows to scale" class="mt-3">
        <line x1="0" :x2="W" y1="66" y2="66" class="ground" />
        <g v-for="m in [0, geometry.spacing ?? 0]" :key="m">
          <line :x1="x(m)" :x2="x(m)" y1="18" y2="66" class="crop" />
          <text :x="x(m)" y="12" text-anchor="middle">crop</text>
        </g>
        <line
          v-for="r in answer.rows.coverRowsM"
          :key="r"
          :x1="x(r)"
          :x2="x(r)"
          y1="46"
          y2="66"
          class="cover"
        />
        <template v-if="geometry.next !== undefined">
          <path :d="`M${x(geometry.next)},70l-6,12h12z`" class="next" />
          <text :x="x(geometry.next)" y="94" text-anchor="middle">next row</text>
        </template>
        <rect
          v-if="geometry.band !== undefined"
          :x="x(geometry.band) - 6"
          y="68"
          width="12"
          height="6"
          class="band"
        />
      </svg>
      <p class="small">
        Nearest cover row: {{ tape(answer.rows.clearOfCropM) }} from the crop row<template
          v-if="geometry.next !== undefined"
          >, {{ tape(answer.rows.clearOfNextM) }} from the next one</template
        >.
      </p>
      <p v-for="w in answer.rows.warnings" :key="w" class="rust">{{ sentence(w) }}.</p>
    </template>
  </section>
</template>

<style scoped src="./bench.css"></style>
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
