<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '../../api/client'
import { useAnswer } from '../../answer'
import { alter, atOnce, consider, useRead } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { newId } from '../../words/ids'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'
import ProductForm from './ProductForm.vue'
import { fresh, type Product } from './products'
import ProductTable from './ProductTable.vue'
import SprayTold from './SprayTold.vue'
import TankAnswer from './TankAnswer.vue'

/** Products from their labels, tanks, and what stands against an entered limit. */
const props = defineProps<{
  page: Schemas['EndingPage']
  endOn: string
  /** Of the planned way, where it is a spray. */
  cautions: Schemas['ReasonView'][]
}>()
const PRODUCTS = '/api/farms/{farmId}/products'
const PRODUCT = '/api/farms/{farmId}/products/{productId}'
const L_PER_M3 = 1000
const session = useSession()
const kinds = useKinds()
const { data: known } = useRead(PRODUCTS)
const { data: machines } = useRead('/api/farms/{farmId}/machines')
const products = computed(() => known.value ?? [])
const editing = ref<Product | null>(null)
const on = ref(props.endOn)
const rates = ref<Record<string, number | undefined>>({})
const carrier = ref<number | undefined>(session.usual('sprayVolume'))
const tankL = ref<number | undefined>(session.usual('sprayTank'))
const heightCm = ref<number>()
const grazeFrom = ref('')
const hard = ref(false)
/** Of the planned way, and of every spray; each once. */
const told = computed(() => [
  ...new Set(
    [...props.cautions, ...kinds.dangers('sprays')].map((c) => sentence(session.reason(c))),
  ),
])
const path = () => ({ fieldId: props.page.fieldId })

// The tank of the farm's sprayer is filled in once, and may be typed over.
watch(
  machines,
  (now, before) => {
    const sprayer = before ? undefined : now?.find((m) => m.work?.includes('spray'))
    if (sprayer?.hopperM3) tankL.value = sprayer.hopperM3 * L_PER_M3
  },
  { immediate: true },
)
const used = computed(() => products.value.filter((p) => p.id in rates.value))
const body = () => ({
  on: on.value,
  uses: used.value.map((p) => ({ productId: p.id, ratePerHa: rates.value[p.id] ?? 0 })),
  carrierLPerHa: carrier.value ?? 0,
  tankL: tankL.value ?? 0,
  areaHa: props.page.areaHa,
  heightCm: heightCm.value,
  grazeFrom: grazeFrom.value || undefined,
  hardWater: hard.value,
})
const { answer, trouble } = useAnswer(
  () => (used.value.length && on.value ? JSON.stringify(body()) : ''),
  () => consider('/api/farms/{farmId}/fields/{fieldId}/spray', { path: path(), body: body() }),
)
const log = () =>
  attempt(async () => {
    await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}/sprays/{entryId}', {
      path: { ...path(), entryId: newId() },
      body: body(),
    })
    notice.show('Written down.')
  })
const remove = (p: Product) =>
  attempt(async () => {
    const params = { path: { productId: p.id } }
    const without = (was: Product[]) => was.filter((o) => o.id !== p.id)
    await atOnce(PRODUCTS, {}, without, () => alter('DELETE', PRODUCT, params))
    delete rates.value[p.id]
    notice.show(`${p.label.name} taken away.`, 'Undo', () =>
      attempt(() => alter('PUT', PRODUCT, { ...params, body: { id: p.id, label: p.label } })),
    )
  })
</script>

<template>
  <section class="card">
    <div class="row">
      <h2 class="grow">Spray sheet, {{ page.field }}</h2>
      <v-btn
        v-if="session.operator"
        size="small"
        variant="outlined"
        class="no-print"
        @click="editing = fresh()"
        >Enter a label</v-btn
      >
    </div>
    <p v-if="page.organic" class="rust my-2">This field is organic: no herbicide belongs on it.</p>
    <p v-for="c in told" :key="c" class="small my-1">▲ {{ c }}.</p>
    <p v-if="known && !products.length" class="muted my-2">
      No products yet. Enter one from its label: rates, spray volume, intervals, limits.
    </p>
    <ProductTable
      v-else-if="known"
      v-model:rates="rates"
      :products="products"
      @edit="editing = $event"
      @remove="remove"
    />
    <div class="three no-print">
      <v-text-field v-model="on" type="date" label="Day" />
      <FigureField v-model="carrier" label="Spray" unit="SPRAY_L_PER_HA" />
      <FigureField v-model="tankL" label="Tank" unit="L" />
      <FigureField v-model="heightCm" label="Cover is tall" unit="CM" />
      <v-text-field v-model="grazeFrom" type="date" label="Grazed from" clearable />
      <v-checkbox v-model="hard" label="Hard water" density="compact" />
    </div>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <SprayTold v-if="answer" :page="page" :body="body()" :products="used" :rates="rates" />
    <template v-if="answer">
      <TankAnswer :answer="answer" />
      <v-btn v-if="session.operator" class="no-print mt-2" variant="outlined" @click="log"
        >It went out so: write it down</v-btn
      >
    </template>
    <p class="small mt-2">Rinse and keep records. No rate here replaces a label’s.</p>
    <ProductForm v-if="editing" v-model="editing" />
  </section>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px 12px;
  align-items: center;
}
@media (max-width: 600px) {
  .three {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
