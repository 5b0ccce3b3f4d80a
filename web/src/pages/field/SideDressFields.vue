<script setup lang="ts">
import FigureField from '../../parts/FigureField.vue'
import TapeField from '../../parts/TapeField.vue'
import type { RowSetup } from './rowSetup'

/** Nitrogen that goes out with the seed: what, how much and where its band lies. */
type Dressed = NonNullable<RowSetup['sideDress']>
const props = defineProps<{ modelValue: Dressed; wrong: (path: string) => string }>()
const emit = defineEmits<{ 'update:modelValue': [value: Dressed] }>()
const change = (part: Partial<Dressed>) =>
  emit('update:modelValue', { ...props.modelValue, ...part })
</script>

<template>
  <div class="mt-2">
    <v-text-field
      :model-value="modelValue.product"
      label="Side-dress, product"
      class="mb-4"
      :error-messages="wrong('sideDress.product')"
      @update:model-value="change({ product: $event })"
    />
    <div class="two">
      <FigureField
        :model-value="modelValue.nitrogenKgPerHa || undefined"
        label="Nitrogen"
        unit="KG_PER_HA"
        :error="wrong('sideDress.nitrogenKgPerHa')"
        @update:model-value="change({ nitrogenKgPerHa: $event ?? 0 })"
      />
      <TapeField
        :model-value="modelValue.bandM"
        label="Band from the row"
        :error="wrong('sideDress.bandM')"
        @update:model-value="change({ bandM: $event ?? 0 })"
      />
    </div>
    <p class="muted small">How much, and with what care: the label and your agronomist.</p>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
