<script setup lang="ts">
import { seedDepth } from '../../../phone/bench'
import { computed, ref, watch } from 'vue'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import { toSi } from '../../../words/units'
import type { Found } from './found'
import { readNumber } from '../../../words/numbers'

/** Seeds dug up: do they lie where they should? */
const props = defineProps<{ species: string }>()
const emit = defineEmits<{ keep: [found: Found] }>()
const session = useSession()
const text = ref('')
const low = ref<number>()
const high = ref<number>()
watch(
  () => props.species,
  () => {
    const s = session.choices?.species.find((c) => c.id === props.species)
    low.value = s?.depthLowMm
    high.value = s?.depthHighMm
  },
  { immediate: true },
)
const depths = computed(() =>
  text.value
    .trim()
    .split(/[\s;]+/)
    .filter((t) => t !== '')
    .map((t) => toSi(readNumber(t, session.units).value ?? NaN, 'MM', session.units))
    .filter((n) => Number.isFinite(n)),
)
const { answer, trouble } = useAnswer(
  () =>
    depths.value.length && low.value !== undefined && high.value
      ? JSON.stringify([depths.value, low.value, high.value])
      : '',
  () => seedDepth({ depthsMm: depths.value, lowMm: low.value!, highMm: high.value! }),
)
function keep() {
  emit('keep', {
    bench: 'depth',
    words: `mean ${session.amount(answer.value!.meanMm, 'MM')}, ${Math.round(answer.value!.shareInside * 100)} % at depth`,
  })
}
</script>

<template>
  <section class="card">
    <h2>Depth</h2>
    <p class="muted small my-2">Dig up ten seeds along a pass and measure each.</p>
    <v-textarea
      v-model="text"
      rows="2"
      :label="session.units === 'us' ? 'Depths, inches' : 'Depths, mm'"
    />
    <div class="two mt-3">
      <FigureField v-model="low" label="At least" unit="MM" />
      <FigureField v-model="high" label="At most" unit="MM" />
    </div>
    <p v-if="trouble" class="rust my-2">{{ trouble }}</p>
    <template v-if="answer">
      <p class="answer">{{ Math.round(answer.shareInside * 100) }} % at depth</p>
      <p>
        Surely between {{ Math.round(answer.low * 100) }} and {{ Math.round(answer.high * 100) }} %;
        mean {{ session.amount(answer.meanMm, 'MM') }}.
      </p>
    </template>
    <v-btn color="primary" :disabled="!answer" class="mt-3" @click="keep">Keep it</v-btn>
  </section>
</template>

<style scoped src="./bench.css"></style>
