<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../../session'
import { sayFullDay } from '../../words/days'
import { clock, hourOf, WORKS, type HourView } from './hours'

/** The whole reckoning of one hour. */
const props = defineProps<{ hour: HourView }>()
const session = useSession()
const facts = computed(() => {
  const h = props.hour
  return [
    ['air', session.amount(h.tempC, 'CELSIUS')],
    ['dew point', session.amount(h.dewPointC, 'CELSIUS')],
    ['wet-bulb depression', session.amount(h.wetBulbDepressionC, 'KELVIN')],
    ['wind', session.amount(h.windMPerS, 'M_PER_S')],
    ['gusts', session.amount(h.gustMPerS, 'M_PER_S')],
    ['rain', session.amount(h.rainMm, 'MM', session.units === 'us' ? 2 : 1)],
    ['sun', `${Math.round(h.solarWPerM2)} W/m²`],
    ['seed depth', session.amount(h.soilTempC, 'CELSIUS')],
    ['drying power', `${h.vapourDeficitKPa.toFixed(2)} kPa`],
    ['water on stems', session.amount(h.stemWetnessMm, 'MM', session.units === 'us' ? 3 : 2)],
    ['ground', session.amount(h.topSoilWetness, 'SHARE')],
  ]
})
</script>

<template>
  <section class="card mb-3 reckoning" aria-live="polite">
    <h2>{{ sayFullDay(hour.time.slice(0, 10)) }}, {{ clock(hourOf(hour), session.units) }}</h2>
    <div class="facts">
      <span v-for="[what, said] in facts" :key="what"
        >{{ what }} <b>{{ said }}</b></span
      >
    </div>
    <p v-for="[work, label] in WORKS" :key="work">
      {{ label }}: <b>{{ hour[work].verdict === 'no' ? 'not' : hour[work].verdict }}</b><template
        v-if="hour[work].limit"
        >, {{ hour[work].limit }}</template
      >
    </p>
  </section>
</template>

<style scoped>
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 6px 0;
}
@media (max-width: 900px) {
  .reckoning {
    position: sticky;
    bottom: 64px;
  }
}
</style>
