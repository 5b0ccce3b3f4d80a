<script setup lang="ts">
import type { Schemas } from '../../../api/client'
import FigureField from '../../../parts/FigureField.vue'
import RowsDrawing from '../../../parts/RowsDrawing.vue'
import TapeField from '../../../parts/TapeField.vue'
import { useSession } from '../../../session'
import { sentence } from '../../../words/reasons'
import type { RowGeometry } from './rowQuestion'

/** Crop rows, cover rows, the next crop's row and the band, to scale. */
const geometry = defineModel<RowGeometry>({ required: true })
defineProps<{ answer: Schemas['RowsAnswer'] | null; trouble: string }>()
const session = useSession()
/** A distance of rows, in metres, as it is read on a tape. */
const tape = (m: number) => session.amount(m * 1000, 'TAPE_MM')
</script>

<template>
  <section class="card">
    <h2>Rows</h2>
    <div class="two mt-2">
      <TapeField v-model="geometry.spacing" label="Crop rows apart" />
      <FigureField v-model="geometry.openers" label="Openers in a gap" />
      <TapeField v-model="geometry.apart" label="Openers apart" />
      <TapeField v-model="geometry.next" label="Next crop’s row, from this one" />
      <TapeField v-model="geometry.band" label="Side-dress band at" />
    </div>
    <p v-if="trouble" class="rust my-2">{{ trouble }}</p>
    <template v-if="answer">
      <RowsDrawing
        class="mt-3"
        :spacing="geometry.spacing ?? 0"
        :cover="answer.rows.coverRowsM"
        :next="geometry.next"
        :band="geometry.band"
        standing
      />
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
