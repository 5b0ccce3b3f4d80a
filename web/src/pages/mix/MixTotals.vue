<script setup lang="ts">
import type { Schemas } from '../../api/client'
import FigureField from '../../parts/FigureField.vue'
import { useTyped } from '../../parts/typed'
import { useSession } from '../../session'

/** What the whole mix comes to, and how full a stand it asks for. */
defineProps<{ answer: Schemas['MixAnswer'] }>()
const emit = defineEmits<{ total: [number?]; seeds: [number?] }>()
const session = useSession()

const typed = useTyped()
/** The meter reads from nothing to twice a full stand. */
const at = (intensity: number) => Math.min(100, intensity * 50) + '%'
</script>

<template>
  <div class="totals">
    <FigureField
      :model-value="answer.rateKgPerHa"
      label="Total rate"
      unit="KG_PER_HA"
      @change="(e: Event) => emit('total', typed(e, 'KG_PER_HA'))"
    />
    <FigureField
      :model-value="answer.liveSeedsPerM2"
      label="Live seeds"
      unit="PER_M2"
      @change="(e: Event) => emit('seeds', typed(e, 'PER_M2'))"
    />
    <div>
      <div class="big">{{ session.amount(answer.costPerHa, 'USD_PER_HA', 2) }}</div>
      <div class="muted small">seed</div>
    </div>
    <div>
      <div class="big">{{ session.amount(answer.intensity, 'SHARE') }}</div>
      <div class="muted small">of a full stand; usual 100 to 130 %</div>
    </div>
  </div>
  <div class="meter" aria-hidden="true">
    <span class="usual" />
    <span class="at" :style="{ left: at(answer.intensity) }" />
  </div>
</template>

<style scoped>
.totals {
  display: grid;
  grid-template-columns: 150px 170px auto auto;
  gap: 18px;
  align-items: start;
  margin-top: 14px;
}
.big {
  font-size: 1.35rem;
  font-weight: 680;
}
.meter {
  position: relative;
  height: 10px;
  margin-top: 10px;
  border: 1px solid var(--rule);
  border-radius: 5px;
  background: linear-gradient(90deg, transparent 35%, var(--leaf-fan) 35% 80%, transparent 80%);
}
.usual {
  position: absolute;
  left: 50%;
  width: 15%;
  top: 0;
  bottom: 0;
  background: var(--leaf);
  opacity: 0.55;
}
.at {
  position: absolute;
  top: -4px;
  bottom: -4px;
  width: 3px;
  background: var(--rust);
}
@media (max-width: 900px) {
  .totals {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
