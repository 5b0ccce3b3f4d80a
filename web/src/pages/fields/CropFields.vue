<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { crops, items } from '../field/names'

/** A crop of the field: what, when it was planted and when it is off. */
const part = defineModel<Schemas['CropView']>({ required: true })
defineProps<{ which: string; at: (path: string) => string }>()
const isCorn = (kind: string) => kind === 'corn' || kind === 'silageCorn'
</script>

<template>
  <div class="four">
    <v-select
      v-model="part.kind"
      label="Crop"
      :items="items(crops)"
      :error-messages="at(which + '.kind')"
    />
    <v-text-field
      v-if="part.kind !== 'none'"
      v-model="part.plantedOn"
      type="date"
      label="Planted"
      :error-messages="at(which + '.plantedOn')"
    />
    <v-text-field
      v-if="isCorn(part.kind) || part.kind === 'soybean'"
      v-model="part.maturity"
      inputmode="decimal"
      :label="isCorn(part.kind) ? 'Maturity, days' : 'Maturity group'"
      :error-messages="at(which + '.maturity')"
    />
    <v-text-field
      v-if="part.kind !== 'none'"
      v-model="part.harvestOn"
      type="date"
      label="Harvest, if you know"
      :error-messages="at(which + '.harvestOn')"
    />
  </div>
</template>

<style scoped>
.four {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 14px;
}
@media (max-width: 700px) {
  .four {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
