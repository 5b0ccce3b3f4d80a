<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { newId } from '../../words/ids'
import BlocksNeeded from './BlocksNeeded.vue'
import { letter } from './strips'
import StripSizes from './StripSizes.vue'
import { templates } from './templates'

/** From a question to strips that the shed's machines make and the field holds. */
type Crop = Schemas['TrialInput']['crop']
const emit = defineEmits<{ laid: [id: string]; drop: [] }>()
const session = useSession()
const { data: fields } = useRead('/api/farms/{farmId}/fields')
const question = ref('')
const fieldId = ref<string>()
const crop = ref<Crop>('soybean')
const empty = (name = '') => ({ name, usdPerHa: undefined as number | undefined })
const treatments = ref([empty(), empty()])
const replicates = ref(String(session.usual('trialBlocks')))
const width = ref<number>()
const refused = ref<Refusal | null>(null)
const questions = templates.map((t) => t.question)
watch(question, (asked) => {
  const known = templates.find((t) => t.question === asked)
  if (known && treatments.value.every((t) => !t.name)) treatments.value = known.ways.map(empty)
})
const ofFields = computed(() => (fields.value ?? []).map((f) => ({ value: f.id, title: f.name })))
const field = computed(() => fields.value?.find((f) => f.id === fieldId.value))
watch(field, (f) => {
  if (f && f.nextCrop.kind !== 'none') crop.value = f.nextCrop.kind as Crop
})
const crops: { value: Crop; title: string }[] = [
  { value: 'corn', title: 'corn' },
  { value: 'soybean', title: 'soybeans' },
  { value: 'smallGrain', title: 'small grain' },
]
const unit = computed(() => (crop.value === 'corn' ? 'CORN_MG_PER_HA' : 'BEAN_MG_PER_HA'))
const wrong = (path: string) => refused.value?.at(path)

async function keep() {
  const trialId = newId()
  const laid = await attempt(
    () =>
      alter('PUT', '/api/farms/{farmId}/trials/{trialId}', {
        path: { trialId },
        body: {
          fieldId: fieldId.value!,
          question: question.value,
          crop: crop.value,
          treatments: treatments.value.map((t) => ({ name: t.name, usdPerHa: t.usdPerHa ?? 0 })),
          replicates: Number(replicates.value),
          stripWidthM: width.value!,
        },
      }),
    (r) => (refused.value = r),
  )
  if (laid) emit('laid', trialId)
}
</script>

<template>
  <form class="card mb-4" @submit.prevent="keep">
    <h2 class="mb-3">Lay out strips</h2>
    <v-combobox
      v-model="question"
      :items="questions"
      label="What do you want to know?"
      :error-messages="wrong('question')"
      class="mb-3"
    />
    <div class="row mb-3">
      <v-select v-model="fieldId" :items="ofFields" label="Field" class="half" />
      <v-select v-model="crop" :items="crops" label="Crop whose yield tells" class="half" />
    </div>
    <div v-for="(t, i) in treatments" :key="i" class="row mb-2">
      <b class="letter">{{ letter(i) }}</b>
      <v-text-field
        v-model="t.name"
        :label="i ? 'Another way' : 'One way, such as what you do now'"
        :error-messages="wrong(`treatments[${i}].name`)"
        class="grow"
      />
      <FigureField v-model="t.usdPerHa" label="It costs" unit="USD_PER_HA" class="cost" />
      <v-btn
        v-if="treatments.length > 2"
        variant="text"
        :aria-label="`Leave ${letter(i)} out`"
        @click="treatments.splice(i, 1)"
      >
        Leave out
      </v-btn>
    </div>
    <div class="row mb-3">
      <v-btn variant="text" @click="treatments.push(empty())">Add a way</v-btn>
      <v-text-field
        v-model="replicates"
        type="number"
        min="2"
        label="Blocks"
        :error-messages="wrong('replicates')"
        class="cost"
      />
    </div>
    <BlocksNeeded :unit="unit" :treatments="treatments.length" :replicates="Number(replicates)" />
    <StripSizes
      v-model="width"
      :treatments="treatments.length"
      :replicates="Number(replicates)"
      :area-ha="field?.areaHa"
    />
    <p v-if="refused && !refused.errors.length" class="rust">{{ refused.message }}</p>
    <p v-if="wrong('treatments')" class="rust">{{ wrong('treatments') }}</p>
    <div class="row mt-3">
      <v-btn type="submit" color="primary" :disabled="!fieldId || !width">
        Shuffle and lay out
      </v-btn>
      <v-btn variant="text" @click="emit('drop')">Drop</v-btn>
    </div>
  </form>
</template>

<style scoped>
.half {
  min-width: 200px;
}
.letter {
  width: 20px;
}
.cost {
  max-width: 160px;
  min-width: 120px;
}
</style>
