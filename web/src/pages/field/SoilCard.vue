<script setup lang="ts">
import { useRead } from '../../farm/data'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import SoilDots from './SoilDots.vue'

/** What was seen of the soil over the years, beside other fields of the farm. */
const props = defineProps<{ fieldId: string }>()
const session = useSession()
const { data: figures } = useRead('/api/farms/{farmId}/fields/{fieldId}/soil', () => ({
  path: { fieldId: props.fieldId },
}))
</script>

<template>
  <section v-if="figures?.length" class="card">
    <h2>Soil over the years</h2>
    <div v-for="f in figures" :key="f.figure" class="figure">
      <div>
        <b>{{ f.label }}</b>
        <p class="small">{{ sentence(session.reason(f.says)) }}.</p>
      </div>
      <SoilDots :figure="f" />
    </div>
    <p class="muted small">
      Pale dots are other fields, of the same texture where there are any. Dig where you dug before.
    </p>
  </section>
</template>

<style scoped>
.figure {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
  gap: 14px;
  align-items: center;
  margin-top: 10px;
}
@media (max-width: 520px) {
  .figure {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
