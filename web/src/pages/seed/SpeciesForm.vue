<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'

/** A species of the farm's own, begun from the one it grows like. */
const own = defineModel<Schemas['OwnSpeciesView'] | null>({ required: true })
const emit = defineEmits<{ saved: [] }>()
const session = useSession()
const version = own.value!.version
const form = ref<Schemas['OwnSpecies']>(JSON.parse(JSON.stringify(own.value!.facts)))
const refused = ref<Refusal | null>(null)
const wrong = (path: string) => refused.value?.at(path) ?? ''
const models = computed(() =>
  (session.choices?.species ?? [])
    .filter((s) => !s.id.startsWith('own_'))
    .map((s) => ({ title: s.name, value: s.id })),
)

function like(id: string) {
  const model = session.choices?.species.find((s) => s.id === id)
  if (!model) return
  form.value = {
    ...form.value,
    like: id,
    seedsPerKg: model.seedsPerKg,
    drilled: { ...model.drilledKgPerHa },
    surface: { ...model.surfaceKgPerHa },
    mixCapKgPerHa: model.mixCapKgPerHa,
    depthLowMm: model.depthLowMm,
    depthHighMm: model.depthHighMm,
    lt50C: model.lt50C,
    ripening: 1,
    heightCm: model.heightCm,
    mostMgPerHa: model.mostMgPerHa,
    usdPerKg: model.usdPerKg,
  }
}

async function save() {
  await attempt(
    async () => {
      await alter('PUT', '/api/farms/{farmId}/species/{speciesId}', {
        path: { speciesId: form.value.id },
        body: { version, facts: form.value },
      })
      own.value = null
      emit('saved')
    },
    (refusal) => (refused.value = refusal),
  )
}
</script>

<template>
  <v-dialog :model-value="true" max-width="640" scrollable @update:model-value="own = null">
    <form class="card form" @submit.prevent="save">
      <h2 class="mb-3">A species of your own</h2>
      <div class="fields">
        <v-text-field v-model="form.name" label="Name" :error-messages="wrong('name')" />
        <v-autocomplete
          :model-value="form.like"
          :items="models"
          label="Grows like"
          :error-messages="wrong('like')"
          @update:model-value="like"
        />
        <FigureField
          v-model="form.drilled.low"
          label="Drilled, least"
          unit="KG_PER_HA"
          :error="wrong('drilled.low')"
        />
        <FigureField
          v-model="form.surface.low"
          label="On top, least"
          unit="KG_PER_HA"
          :error="wrong('surface.low')"
        />
        <FigureField
          v-model="form.drilled.typical"
          label="Drilled, usual"
          unit="KG_PER_HA"
          :error="wrong('drilled.typical')"
        />
        <FigureField
          v-model="form.surface.typical"
          label="On top, usual"
          unit="KG_PER_HA"
          :error="wrong('surface.typical')"
        />
        <FigureField
          v-model="form.drilled.high"
          label="Drilled, most"
          unit="KG_PER_HA"
          :error="wrong('drilled.high')"
        />
        <FigureField
          v-model="form.surface.high"
          label="On top, most"
          unit="KG_PER_HA"
          :error="wrong('surface.high')"
        />
        <FigureField
          v-model="form.mixCapKgPerHa"
          label="Most in a mix"
          unit="KG_PER_HA"
          :error="wrong('mixCapKgPerHa')"
        />
        <FigureField
          v-model="form.seedsPerKg"
          label="Seeds"
          unit="PER_KG"
          :error="wrong('seedsPerKg')"
        />
        <FigureField
          v-model="form.depthLowMm"
          label="Depth, least"
          unit="MM"
          :error="wrong('depthLowMm')"
        />
        <FigureField
          v-model="form.depthHighMm"
          label="Depth, most"
          unit="MM"
          :error="wrong('depthHighMm')"
        />
        <FigureField
          v-model="form.lt50C"
          label="Half are killed at"
          unit="CELSIUS"
          :error="wrong('lt50C')"
        />
        <FigureField
          v-model="form.ripening"
          label="Warmth to ripen, of its model’s"
          unit="SHARE"
          :error="wrong('ripening')"
        />
        <FigureField v-model="form.heightCm" label="Tall" unit="CM" :error="wrong('heightCm')" />
        <FigureField
          v-model="form.mostMgPerHa"
          label="Most growth"
          unit="MG_PER_HA"
          :error="wrong('mostMgPerHa')"
        />
        <FigureField
          v-model="form.usdPerKg"
          label="Seed price"
          unit="USD_PER_KG"
          :error="wrong('usdPerKg')"
        />
      </div>
      <p class="muted small my-2">
        Leaf, roots, light, nitrogen and how it dies are its model’s. Figures too far from the model
        are refused, because the model would not hold for them.
      </p>
      <p v-if="refused && !refused.errors.length" class="rust">{{ refused.message }}</p>
      <div class="row mt-3">
        <v-btn color="primary" type="submit">Keep</v-btn>
        <v-btn variant="text" @click="own = null">Leave it</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 14px;
}
@media (max-width: 480px) {
  .fields {
    grid-template-columns: 1fr;
  }
}
</style>
