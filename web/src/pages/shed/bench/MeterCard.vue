<script setup lang="ts">
import { meterLimits } from '../../../phone/bench'
import { ref } from 'vue'
import type { Schemas } from '../../../api/client'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import { sentence } from '../../../words/reasons'

/** Whether the meter holds a rate, by what was tried. */
const props = defineProps<{ tries: Schemas['Try'][] }>()
const session = useSession()
const target = ref<number | undefined>(session.usual('coverOpenersTarget'))
const { answer: limits, trouble: limitsTrouble } = useAnswer(
  () => (target.value ? JSON.stringify([props.tries, target.value]) : ''),
  () => meterLimits({ tries: props.tries, targetKgPerHa: target.value! }),
)
</script>

<template>
  <section class="card">
    <h2>What the meter holds</h2>
    <FigureField v-model="target" label="Wanted" unit="KG_PER_HA" class="mt-2" />
    <p v-if="limitsTrouble" class="muted my-2">{{ limitsTrouble }}</p>
    <template v-if="limits">
      <p>
        Tried from {{ session.amount(limits.lowestKgPerHa, 'KG_PER_HA') }} to
        {{ session.amount(limits.highestKgPerHa, 'KG_PER_HA') }}:
        <b>{{ limits.holds ? 'it holds that' : 'not that' }}</b>.
      </p>
      <p v-for="(w, i) in limits.waysOut" :key="i">· {{ sentence(session.reason(w)) }}.</p>
    </template>
  </section>
</template>

<style scoped src="./bench.css"></style>
