<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import PapersButton from '../../papers/PapersButton.vue'
import { attempt } from '../../shell/attempt'

/** A product as its label has it. */
const product = defineModel<Schemas['ProductView'] | null>({ required: true })
const emit = defineEmits<{ saved: [] }>()
const { id, version } = product.value!
const label = ref<Schemas['SprayProduct']>(JSON.parse(JSON.stringify(product.value!.label)))
const back = ref<Record<string, number | undefined>>({ ...label.value.plantBackDays })
const rateUnit = computed(() =>
  label.value.unit === 'kg' ? ('PRODUCT_KG_PER_HA' as const) : ('PRODUCT_L_PER_HA' as const),
)
const refused = ref<Refusal | null>(null)
const wrong = (path: string) => refused.value?.at(path) || refused.value?.at(`label.${path}`) || ''

async function save() {
  await attempt(
    async () => {
      const plantBackDays = Object.fromEntries(
        Object.entries(back.value).filter(([, days]) => days !== undefined),
      ) as Record<string, number>
      await alter('PUT', '/api/farms/{farmId}/products/{productId}', {
        path: { productId: id },
        body: { id, version, label: { ...label.value, plantBackDays } },
      })
      product.value = null
      emit('saved')
    },
    (refusal) => (refused.value = refusal),
  )
}
</script>

<template>
  <v-dialog :model-value="true" max-width="640" scrollable @update:model-value="product = null">
    <form class="card form" @submit.prevent="save">
      <h2 class="mb-3">From the label</h2>
      <div class="two">
        <v-text-field v-model="label.name" label="Name" :error-messages="wrong('name')" />
        <v-text-field v-model="label.active" label="Active ingredient" />
        <v-select
          v-model="label.mode"
          label="How it works"
          :items="[
            { title: 'Systemic', value: 'SYSTEMIC' },
            { title: 'Systemic, grasses only', value: 'GRASS_SYSTEMIC' },
            { title: 'Contact', value: 'CONTACT' },
            { title: 'Growth regulator', value: 'GROWTH_REGULATOR' },
            { title: 'Soil residual', value: 'RESIDUAL' },
          ]"
        />
        <v-select v-model="label.unit" label="Measured in" :items="['L', 'kg']" />
        <FigureField
          v-model="label.activeGPerUnit"
          label="Active (ae or ai)"
          :unit="label.unit === 'kg' ? 'G_PER_KG' : 'G_PER_L'"
          :error="wrong('activeGPerUnit')"
        />
        <FigureField
          v-model="label.seasonLimitGPerHa"
          label="Most active a season"
          unit="G_PER_HA"
          :error="wrong('seasonLimitGPerHa')"
        />
        <FigureField
          v-model="label.lowPerHa"
          label="Lowest rate"
          :unit="rateUnit"
          :error="wrong('lowPerHa')"
        />
        <FigureField
          v-model="label.highPerHa"
          label="Highest rate"
          :unit="rateUnit"
          :error="wrong('highPerHa')"
        />
        <FigureField v-model="label.carrierLowLPerHa" label="Least spray" unit="SPRAY_L_PER_HA" />
        <FigureField v-model="label.carrierHighLPerHa" label="Most spray" unit="SPRAY_L_PER_HA" />
        <FigureField v-model="label.rainFreeHours" label="No rain for, h" />
        <FigureField v-model="label.reentryHours" label="Nobody in for, h" />
        <FigureField v-model="back.corn" label="To corn, days" />
        <FigureField v-model="back.soybean" label="To soybeans, days" />
        <FigureField v-model="back.other" label="To other crops, days" />
        <FigureField v-model="label.grazingDays" label="To grazing, days" />
        <FigureField v-model="label.windLowMPerS" label="Least wind" unit="M_PER_S" />
        <FigureField v-model="label.windHighMPerS" label="Most wind" unit="M_PER_S" />
      </div>
      <h3 class="mt-3">Rates by height, if the label has them</h3>
      <div v-for="(row, i) in label.byHeight" :key="i" class="row my-1">
        <FigureField v-model="row.upToCm" label="Up to" unit="CM" />
        <FigureField v-model="row.ratePerHa" label="Rate" :unit="rateUnit" />
        <button type="button" aria-label="Take the row out" @click="label.byHeight.splice(i, 1)">
          ×
        </button>
      </div>
      <v-btn size="small" variant="text" @click="label.byHeight.push({} as Schemas['HeightRow'])"
        >Add a row</v-btn
      >
      <p v-if="refused" class="rust">{{ refused.message }}</p>
      <div class="row mt-3">
        <v-btn color="primary" type="submit">Keep</v-btn>
        <v-btn variant="text" @click="product = null">Leave it</v-btn>
        <PapersButton
          v-if="version !== undefined"
          holder="product"
          :holder-id="id"
          :title="label.name"
        />
      </div>
    </form>
  </v-dialog>
</template>
