<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../api/client'
import { read } from '../../farm/data'
import { farmNow } from '../../farm/now'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import LineMap from './LineMap.vue'

/** Lines to drive, and the files a controller reads. */
const props = defineProps<{ fieldId: string; swathM: number }>()
const session = useSession()
const lines = ref<Schemas['Lines'] | null>(null)
const headlands = ref(1)
const bearing = ref<number>()

const draw = () =>
  attempt(async () => {
    lines.value = await read('/api/farms/{farmId}/fields/{fieldId}/lines', {
      path: { fieldId: props.fieldId },
      query: { swathM: props.swathM, headlands: headlands.value, bearingDeg: bearing.value },
    })
  })
function file(format: string) {
  const q = new URLSearchParams({
    swathM: String(props.swathM),
    headlands: String(headlands.value),
  })
  if (bearing.value !== undefined) q.set('bearingDeg', String(bearing.value))
  return `/api/farms/${farmNow()}/fields/${props.fieldId}/lines.${format}?${q}`
}
</script>

<template>
  <section class="card">
    <h2>Lines</h2>
    <div class="row my-2 no-print">
      <FigureField v-model="bearing" label="Bearing, or best" class="bearing" />
      <v-select
        v-model="headlands"
        :items="[0, 1, 2, 3]"
        label="Rounds at the edge"
        class="rounds"
      />
      <v-btn variant="outlined" @click="draw">Draw them</v-btn>
    </div>
    <template v-if="lines">
      <LineMap :lines="lines" />
      <p class="small my-2">
        {{ lines.lines.filter((l) => l.kind === 'swath').length }} swaths of
        {{ session.amount(lines.swathM, 'M') }}, bearing {{ Math.round(lines.bearingDeg) }}°,
        {{ session.amount(lines.lengthM, 'M', 0) }} in all,
        {{ session.amount(lines.covered, 'SHARE', 1) }}
        of the field covered
      </p>
      <p class="small no-print">
        For the controller: <a :href="file('geojson')">GeoJSON</a> ·
        <a :href="file('kml')">KML</a> · <a :href="file('gpx')">GPX</a>
      </p>
    </template>
  </section>
</template>

<style scoped>
.bearing {
  max-width: 150px;
}
.rounds {
  max-width: 160px;
}
</style>
