<script setup lang="ts">
import { timedCatch } from '../../../phone/bench'
import { ref } from 'vue'
import type { Schemas } from '../../../api/client'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import type { Found } from './found'

/** A meter of constant flow: rate against speed, and the band of speeds that holds it. */
const props = defineProps<{ machine: Schemas['MachineView'] }>()
const emit = defineEmits<{ keep: [found: Found] }>()
const session = useSession()
const caught = ref<number>()
const seconds = ref<number | undefined>(session.usual('catchSeconds'))
const width = ref<number | undefined>(props.machine.widthM)
const target = ref<number | undefined>(session.usual('benchRate'))
const setting = ref<number>()
const speeds = [0.7, 0.85, 1, 1.15, 1.3].map((f) => f * props.machine.speedKmh)

const { answer, trouble } = useAnswer(
  () =>
    caught.value && seconds.value && width.value && target.value
      ? JSON.stringify([caught.value, seconds.value, width.value, target.value])
      : '',
  () =>
    timedCatch({
      kgPerMin: (caught.value! * 60) / seconds.value!,
      widthM: width.value!,
      speedsKmh: speeds,
      targetKgPerHa: target.value!,
    }),
)
const held = (rate: number) => Math.abs(rate / (target.value ?? 1) - 1) <= session.usual('rateNear')

function keep() {
  const now = answer.value!.rates[2]!
  emit('keep', {
    bench: 'timed',
    setting: setting.value,
    rateKgPerHa: now.rateKgPerHa,
    words: `at ${session.amount(now.speedKmh, 'KMH')}; holds from ${session.amount(answer.value!.speedBandKmh[0]!, 'KMH')} to ${session.amount(answer.value!.speedBandKmh[1]!, 'KMH')}`,
  })
}
</script>

<template>
  <section class="card">
    <h2>Flow and speed</h2>
    <p class="muted small my-2">
      For meters that run by themselves: electric, hydraulic, a gate. Catch what all outlets give in
      a measured time.
    </p>
    <div class="two">
      <FigureField v-model="caught" label="Caught" unit="KG" :digits="2" />
      <FigureField v-model="seconds" label="In seconds" />
      <FigureField v-model="width" label="Width or swath" unit="M" />
      <FigureField v-model="target" label="Wanted" unit="KG_PER_HA" />
    </div>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <template v-if="answer">
      <p class="answer">Drive {{ session.amount(answer.speedForTargetKmh, 'KMH') }}</p>
      <p class="mb-2">
        Between {{ session.amount(answer.speedBandKmh[0]!, 'KMH') }} and
        {{ session.amount(answer.speedBandKmh[1]!, 'KMH') }} it stays within 10 % of what is wanted.
      </p>
      <table class="plain">
        <tbody>
          <tr v-for="r in answer.rates" :key="r.speedKmh">
            <td>{{ session.amount(r.speedKmh, 'KMH') }}</td>
            <td class="n">{{ session.amount(r.rateKgPerHa, 'KG_PER_HA') }}</td>
            <td>
              <span class="tag" :class="held(r.rateKgPerHa) ? 'good' : 'bad'">{{
                held(r.rateKgPerHa) ? 'held' : 'off'
              }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </template>
    <FigureField v-model="setting" label="Setting it was on" class="mt-3" />
    <v-btn color="primary" :disabled="!answer" class="mt-2" @click="keep">Keep it</v-btn>
  </section>
</template>

<style scoped src="./bench.css"></style>
