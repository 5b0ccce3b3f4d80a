<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../../api/client'
import { useAnswer } from '../../../answer'
import { rowsOf } from '../../../phone/bench'
import { useSession } from '../../../session'
import BlendCard from './BlendCard.vue'
import MeterCard from './MeterCard.vue'
import { rowQuestion, type RowGeometry } from './rowQuestion'
import RowsCard from './RowsCard.vue'
import StripCard from './StripCard.vue'

/** Rows to scale, strips with their own seed, seed blended with fertiliser, what the meter holds. */
defineProps<{ species: string; tries: Schemas['Try'][] }>()
const session = useSession()
const geometry = ref<RowGeometry>({
  spacing: session.usual('cropRowSpacing'),
  openers: session.usual('openersInGap'),
  apart: session.usual('coverRowSpacing'),
  next: 0,
})
const area = ref<number | undefined>(session.usual('benchArea'))
const strip = session.usual('stripWidth')
const rateKgPerHa = session.usual('stripRate')
const zones = ref<Schemas['Zone'][]>([
  { species: 'cereal_rye', widthM: strip, rateKgPerHa, box: 'rear box' },
  {
    species: 'oats',
    widthM: session.usual('cropRowSpacing') - strip,
    rateKgPerHa,
    box: 'front box',
  },
])
const question = computed(() => rowQuestion(geometry.value, area.value, zones.value))
const { answer, trouble } = useAnswer(
  () => (question.value ? JSON.stringify(question.value) : ''),
  () => rowsOf(question.value!),
)
</script>

<template>
  <div class="stack">
    <RowsCard v-model="geometry" :answer="answer" :trouble="trouble" />
    <StripCard v-model:area="area" :zones="zones" :answer="answer" />
    <BlendCard :species="species" />
    <MeterCard :tries="tries" />
  </div>
</template>

<style scoped>
.stack {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
</style>
