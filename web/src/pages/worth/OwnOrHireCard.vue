<script setup lang="ts">
import { computed, reactive } from 'vue'
import { useAnswer } from '../../answer'
import { ownOrHire } from '../../phone/bench'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { whole, type Typed } from './typed'

/** Buy a machine, or hire the work: by the area it does a year. */
const session = useSession()
const q = reactive({
  price: undefined,
  lifeYears: session.usual('machineYears'),
  salvage: undefined,
  interest: session.usual('yearInterest'),
  fixedPerYear: undefined,
  variablePerHa: undefined,
  hirePerHa: undefined,
  areaHaPerYear: undefined,
} as Typed<
  | 'price'
  | 'lifeYears'
  | 'salvage'
  | 'interest'
  | 'fixedPerYear'
  | 'variablePerHa'
  | 'hirePerHa'
  | 'areaHaPerYear'
>)
const body = computed(() => whole(q))
const { answer, trouble } = useAnswer(
  () => (body.value ? JSON.stringify(body.value) : ''),
  () => ownOrHire(body.value!),
)
const money = (usdPerHa: number) => session.amount(usdPerHa, 'USD_PER_HA')
</script>

<template>
  <section class="card mb-4">
    <h2 class="mb-3">Own or hire?</h2>
    <div class="row">
      <FigureField v-model="q.price" label="Price of the machine" unit="USD" class="figure" />
      <FigureField v-model="q.lifeYears" label="Kept, years" class="figure" />
      <FigureField v-model="q.salvage" label="Sold for then" unit="USD" class="figure" />
      <FigureField v-model="q.interest" label="Interest a year" unit="SHARE" class="figure" />
      <FigureField v-model="q.fixedPerYear" label="Fixed a year" unit="USD" class="figure" />
      <FigureField
        v-model="q.variablePerHa"
        label="Fuel, wear, driver"
        unit="USD_PER_HA"
        class="figure"
      />
      <FigureField v-model="q.hirePerHa" label="Hired it costs" unit="USD_PER_HA" class="figure" />
      <FigureField v-model="q.areaHaPerYear" label="Area a year" unit="HA" class="figure" />
    </div>
    <p v-if="trouble" class="rust mt-2">{{ trouble }}</p>
    <template v-if="answer">
      <p class="answer">{{ answer.cheaper === 'own' ? 'Own it' : 'Hire it' }}</p>
      <p>
        Owned it costs {{ money(answer.ownPerHa) }}, of which the money in it
        {{ session.amount(answer.capitalPerYear, 'USD') }} a year.
        <template v-if="answer.breakEvenHa !== undefined">
          From {{ session.amount(answer.breakEvenHa, 'HA') }} a year on owning is cheaper.
        </template>
        <template v-else>Hiring costs no more on any area.</template>
      </p>
    </template>
  </section>
</template>

<style scoped src="./sums.css"></style>
