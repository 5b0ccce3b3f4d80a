<script setup lang="ts">
import { ref } from 'vue'
import { useAnswer } from '../../answer'
import { weedsSeen } from '../../phone/counts'
import { useSession } from '../../session'
import { useFieldLog } from './log'

/** A rating of weeds and pests, in two taps. */
const props = defineProps<{ fieldId: string }>()
const session = useSession()
const { write } = useFieldLog(props.fieldId)
const rating = ref<number>()
const seen = ref<string[]>([])
const words = ref('')
const { answer } = useAnswer(
  () => (rating.value === undefined ? '' : String(rating.value)),
  () => weedsSeen(rating.value ?? 0),
)
const KINDS = [
  'small broadleaves',
  'large broadleaves',
  'grass weeds',
  'perennials',
  'volunteers of the cover',
  'armyworm',
  'slugs',
  'voles',
]
async function keep() {
  const said = [...seen.value, words.value.trim()].filter(Boolean).join(', ')
  const done = await write(
    [
      {
        kind: 'weeds',
        words: said,
        figures: { weedsOf10: rating.value ?? 0 },
      },
    ],
    'Kept.',
  )
  if (done) {
    rating.value = undefined
    seen.value = []
    words.value = ''
  }
}
</script>

<template>
  <div>
    <p class="muted small">
      0 is clean, 10 is lost. Stand in the middle of the field and look round.
    </p>
    <div class="scale" role="radiogroup" aria-label="Weeds, 0 to 10">
      <button
        v-for="n in 11"
        :key="n"
        role="radio"
        :aria-checked="rating === n - 1"
        :class="{ on: rating === n - 1 }"
        @click="rating = n - 1"
      >
        {{ n - 1 }}
      </button>
    </div>
    <p v-if="answer?.rescue" class="rust mt-2" role="status">
      So many ask for a rescue: in a crop that is up it stands in the work until the rows close.
      What may be sprayed, and until which stage, the label says.
    </p>
    <p class="small mt-3">Seen</p>
    <div class="kinds">
      <label v-for="k in KINDS" :key="k" :class="{ on: seen.includes(k) }"
        ><input v-model="seen" type="checkbox" :value="k" /> {{ k }}</label
      >
    </div>
    <v-text-field v-model="words" label="In a few words" class="mt-3" />
    <v-btn
      v-if="session.operator"
      color="primary"
      class="mt-2"
      :disabled="rating === undefined"
      @click="keep"
      >Keep the rating</v-btn
    >
  </div>
</template>

<style scoped>
.scale {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 8px;
}
.scale button {
  height: 56px;
  font-size: 1.3rem;
  border: 1px solid var(--rule);
  border-radius: 10px;
  background: rgb(var(--v-theme-surface));
}
.scale .on {
  background: var(--leaf);
  color: var(--plate);
}
.kinds {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.kinds label {
  border: 1px solid var(--rule);
  border-radius: 8px;
  padding: 10px;
}
.kinds .on {
  border-color: var(--leaf);
}
</style>
