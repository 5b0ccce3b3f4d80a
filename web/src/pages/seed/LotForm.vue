<script setup lang="ts">
import { germinationCount } from '../../phone/bench'
import { computed, ref } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import { useAnswer } from '../../answer'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'

/** A seed lot from its tag, with a count-out for seed that has none. */
const lot = defineModel<Schemas['LotView'] | null>({ required: true })
const emit = defineEmits<{ saved: [now: Schemas['LotView'], before: Schemas['LotView']] }>()
const session = useSession()
const form = ref({ ...lot.value! })
const refused = ref<Refusal | null>(null)
const came = ref<number>()
const laid = ref<number | undefined>(session.usual('testSeeds'))
const species = computed(() =>
  (session.choices?.species ?? []).map((s) => ({ title: s.name, value: s.id })),
)

const { answer: count, trouble: countTrouble } = useAnswer(
  () => (came.value !== undefined && laid.value ? JSON.stringify([came.value, laid.value]) : ''),
  () =>
    germinationCount({
      germinated: came.value ?? 0,
      tested: laid.value ?? 0,
      confidence: session.usual('confidence'),
    }),
)

async function save() {
  await attempt(
    async () => {
      const before = lot.value!
      const now = await alter('PUT', '/api/farms/{farmId}/seed/lots/{lotId}', {
        path: { lotId: form.value.id },
        body: form.value,
      })
      lot.value = null
      emit('saved', now, before)
    },
    (refusal) => (refused.value = refusal),
  )
}
const wrong = (path: string) => refused.value?.at(path) ?? ''
</script>

<template>
  <v-dialog :model-value="true" max-width="620" scrollable @update:model-value="lot = null">
    <form class="card form" @submit.prevent="save">
      <h2 class="mb-3">Seed lot</h2>
      <div class="two">
        <v-autocomplete
          v-model="form.species"
          :items="species"
          label="Species"
          :error-messages="wrong('species')"
        />
        <v-text-field v-model="form.lotNo" label="Lot number" />
        <v-text-field v-model="form.supplier" label="From" />
        <v-text-field v-model="form.variety" label="Variety, if it matters" />
        <FigureField
          v-model="form.germination"
          label="Germinates"
          unit="SHARE"
          :error="wrong('germination')"
        />
        <FigureField v-model="form.purity" label="Pure" unit="SHARE" :error="wrong('purity')" />
        <v-text-field v-model="form.testedOn" type="date" label="Tested on" />
        <FigureField
          v-model="form.usdPerKg"
          label="Price"
          unit="USD_PER_KG"
          :error="wrong('usdPerKg')"
        />
        <FigureField v-model="form.boughtKg" label="Bought" unit="KG" :error="wrong('boughtKg')" />
        <div>
          <v-checkbox
            v-model="form.treated"
            label="Treated seed"
            density="compact"
            :error-messages="wrong('treated')"
          />
          <v-checkbox v-model="form.organic" label="Organic, with statement" density="compact" />
        </div>
      </div>
      <details class="my-2" :open="!form.germination">
        <summary>No tag? Count it out</summary>
        <p class="muted small my-2">
          Lay seeds on a wet towel, keep them warm, and count those that come in a week.
        </p>
        <div class="row">
          <FigureField v-model="came" label="Came" style="max-width: 120px" />
          <FigureField v-model="laid" label="Of" style="max-width: 120px" />
          <p v-if="countTrouble" class="rust">{{ countTrouble }}</p>
          <template v-if="count">
            <p>
              <b>{{ session.amount(count.germination, 'SHARE') }}</b>, surely between
              {{ session.amount(count.low, 'SHARE') }} and
              {{ session.amount(count.high, 'SHARE') }} (nine times in ten)
            </p>
            <v-btn
              size="small"
              variant="outlined"
              @click="
                ((form.germination = count.germination),
                (form.testedOn = session.farm?.today ?? form.testedOn))
              "
              >Use it</v-btn
            >
          </template>
        </div>
      </details>
      <p v-if="form.treated" class="muted small">
        ▲ Treated seed is not feed. Dust mask and gloves; no grazing until its label allows.
      </p>
      <p v-if="refused && !refused.errors.length" class="rust">{{ refused.message }}</p>
      <div class="row mt-3">
        <v-btn color="primary" type="submit">Keep</v-btn>
        <v-btn variant="text" @click="lot = null">Leave it</v-btn>
      </div>
    </form>
  </v-dialog>
</template>
