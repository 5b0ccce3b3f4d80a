<script setup lang="ts">
import { runningCheck } from '../../../phone/bench'
import { ref } from 'vue'
import type { Schemas } from '../../../api/client'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import type { Found } from './found'

/** What the hopper says after the first acres. */
const props = defineProps<{ tries: Schemas['Try'][] }>()
const emit = defineEmits<{ keep: [found: Found] }>()
const session = useSession()
const start = ref<number>()
const left = ref<number>()
const area = ref<number>()
const target = ref<number | undefined>(session.usual('benchRate'))
const setting = ref<number>()

const { answer, trouble } = useAnswer(
  () =>
    start.value && left.value !== undefined && area.value && target.value
      ? JSON.stringify([start.value, left.value, area.value, target.value, setting.value])
      : '',
  () =>
    runningCheck({
      startKg: start.value!,
      leftKg: left.value!,
      areaHa: area.value!,
      targetKgPerHa: target.value!,
      setting: setting.value,
      tries: props.tries.length > 1 ? props.tries : undefined,
    }),
)
function keep() {
  emit('keep', {
    bench: 'running',
    setting: setting.value,
    rateKgPerHa: answer.value?.achievedKgPerHa,
    words: `after ${session.amount(area.value ?? 0, 'HA', 1)}`,
  })
}
</script>

<template>
  <section class="card">
    <h2>Running check</h2>
    <p class="muted small my-2">After the first acres: what is gone from the hopper?</p>
    <div class="two">
      <FigureField v-model="start" label="Put in" unit="KG" />
      <FigureField v-model="left" label="Still in it" unit="KG" />
      <FigureField v-model="area" label="Done" unit="HA" />
      <FigureField v-model="target" label="Wanted" unit="KG_PER_HA" />
      <FigureField v-model="setting" label="Setting now" />
    </div>
    <p v-if="trouble" class="rust my-2">{{ trouble }}</p>
    <template v-if="answer">
      <p class="answer">
        {{ session.amount(answer.achievedKgPerHa, 'KG_PER_HA', 1) }}
        <span class="off"
          >{{ Math.abs(Math.round(answer.offByFraction * 100)) }} %
          {{ answer.offByFraction < 0 ? 'under' : 'over' }}</span
        >
      </p>
      <p v-if="setting !== undefined">
        Set it to <b>{{ answer.newSetting.toFixed(1) }}</b>
        <span class="muted small">
          {{ tries.length > 1 ? 'along the line of your tries' : 'in proportion' }}</span
        >
      </p>
      <p>
        What is left does <b>{{ session.amount(answer.areaLeftHa, 'HA', 1) }}</b> at the wanted
        rate, {{ session.amount(answer.areaLeftUnchangedHa, 'HA', 1) }} if nothing is changed.
      </p>
    </template>
    <v-btn color="primary" :disabled="!answer" class="mt-3" @click="keep">Keep it</v-btn>
  </section>
</template>

<style scoped src="./bench.css"></style>
<style scoped>
.off {
  font-size: 1rem;
  font-weight: 500;
  color: var(--rust);
  margin-left: 10px;
}
</style>
