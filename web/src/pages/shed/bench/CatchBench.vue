<script setup lang="ts">
import { catchTest } from '../../../phone/bench'
import { ref } from 'vue'
import type { Schemas } from '../../../api/client'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import type { Found } from './found'

/** Catch test: seed caught under some openers over a distance. */
const props = defineProps<{ machine: Schemas['MachineView'] }>()
const emit = defineEmits<{ keep: [found: Found] }>()
const session = useSession()
const caught = ref<number>()
const openers = ref<number | undefined>(session.usual('catchOpeners'))
const spacing = ref(props.machine.spacingM)
const distance = ref<number | undefined>(session.usual('catchLength'))
const turns = ref<number>()
const wheel = ref<number>()
const setting = ref<number>()
const chart = ref<number>()

function byWheel() {
  if (turns.value && wheel.value) distance.value = turns.value * wheel.value
}

const { answer, trouble } = useAnswer(
  () =>
    caught.value !== undefined && openers.value && spacing.value && distance.value
      ? JSON.stringify([caught.value, openers.value, spacing.value, distance.value])
      : '',
  () =>
    catchTest({
      caughtKg: caught.value!,
      openers: openers.value!,
      spacingM: spacing.value!,
      distanceM: distance.value!,
    }),
)

function keep() {
  emit('keep', {
    bench: 'catch',
    setting: setting.value,
    rateKgPerHa: answer.value?.rateKgPerHa,
    chartKgPerHa: chart.value,
    words: `${openers.value} openers over ${session.amount(distance.value ?? 0, 'M')}`,
  })
}
</script>

<template>
  <section class="card">
    <h2>Catch test</h2>
    <p class="muted small my-2">
      Hang bags under some openers, drive a measured way at working speed, weigh what was caught.
    </p>
    <div class="two">
      <FigureField v-model="caught" label="Caught, all bags" unit="KG" :digits="3" />
      <FigureField v-model="openers" label="Openers caught" />
      <FigureField v-model="spacing" label="Opener spacing" unit="M" :digits="3" />
      <FigureField v-model="distance" label="Distance" unit="M" />
    </div>
    <details class="my-2">
      <summary class="muted small">By wheel turns instead</summary>
      <div class="two mt-2">
        <FigureField v-model="turns" label="Turns of the wheel" @change="byWheel" />
        <FigureField v-model="wheel" label="Once round" unit="M" @change="byWheel" />
      </div>
    </details>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <p v-if="answer" class="answer">{{ session.amount(answer.rateKgPerHa, 'KG_PER_HA', 1) }}</p>
    <div class="two">
      <FigureField v-model="setting" label="Setting it was on" />
      <FigureField v-model="chart" label="Chart on the lid says" unit="KG_PER_HA" />
    </div>
    <p v-if="answer && chart" class="my-2">
      The chart is off: it gives <b>{{ Math.round((100 * answer.rateKgPerHa) / chart) }} %</b> of
      what it promises.
    </p>
    <v-btn color="primary" :disabled="!answer" class="mt-2" @click="keep">Keep it</v-btn>
    <p class="muted small mt-3">▲ Stop the drive and block what is raised before reaching under.</p>
  </section>
</template>

<style scoped src="./bench.css"></style>
