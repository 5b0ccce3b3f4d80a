<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, consider, read } from '../../farm/data'
import { useAnswer } from '../../answer'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import { notice } from '../../shell/notice'
import ProductForm from './ProductForm.vue'
import { newId } from '../../words/ids'

/** Products from their labels, tanks, and what stands against an entered limit. */
const props = defineProps<{
  page: Schemas['EndingPage']
  endOn: string
  /** Of the planned way, where it is a spray. */
  cautions: Schemas['ReasonView'][]
}>()
const session = useSession()
const products = ref<Schemas['ProductView'][]>([])
const editing = ref<Schemas['ProductView'] | null>(null)
const on = ref(props.endOn)
const rates = ref<Record<string, number | undefined>>({})
const carrier = ref<number | undefined>(session.usual('sprayVolume'))
const tankL = ref<number | undefined>(session.usual('sprayTank'))
const heightCm = ref<number>()
const grazeFrom = ref('')
const hard = ref(false)
const path = () => ({ farmId: session.farm?.id ?? '', fieldId: props.page.fieldId })

async function load() {
  const params = { path: path() }
  products.value = await read('/api/farms/{farmId}/products', { ...params })
}
onMounted(async () => {
  await load()
  const all = await read('/api/farms/{farmId}/machines', { path: path() })
  const sprayer = all.find((m) => m.work?.includes('spray'))
  if (sprayer?.hopperM3) tankL.value = sprayer.hopperM3 * 1000
})
function toggle(p: Schemas['ProductView']) {
  const next = { ...rates.value }
  if (p.id in next) delete next[p.id]
  else next[p.id] = p.label.lowPerHa
  rates.value = next
}
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
async function log() {
  try {
    await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}/sprays/{entryId}', {
      path: { ...path(), entryId: newId() },
      body: body(),
    })
    notice.show('Written down.')
  } catch (e) {
    notice.show((e as Error).message)
  }
}
async function remove(p: Schemas['ProductView']) {
  const params = { path: { farmId: path().farmId, productId: p.id } }
  await alter('DELETE', '/api/farms/{farmId}/products/{productId}', { ...params })
  delete rates.value[p.id]
  await load()
  notice.show(`${p.label.name} taken away.`, 'Undo', async () => {
    await alter('PUT', '/api/farms/{farmId}/products/{productId}', {
      ...params,
      body: { id: p.id, label: p.label },
    })
    await load()
  })
}
/** Empty: what a label says, only a label says. */
function fresh(): Schemas['ProductView'] {
  return {
    id: newId(),
    label: { name: '', active: '', mode: 'SYSTEMIC', unit: 'L', plantBackDays: {}, byHeight: [] },
  } as unknown as Schemas['ProductView']
}
const MODE: Record<string, string> = {
  SYSTEMIC: 'systemic',
  GRASS_SYSTEMIC: 'systemic, grasses',
  CONTACT: 'contact',
  GROWTH_REGULATOR: 'growth regulator',
  RESIDUAL: 'soil residual',
}
const rateUnit = (unit: string) => (unit === 'kg' ? 'PRODUCT_KG_PER_HA' : 'PRODUCT_L_PER_HA')
/** A volume or mass as it is poured. */
const pour = (amount: number, unit: string) =>
  unit === 'kg' ? session.amount(amount, 'KG', 1) : session.amount(amount, 'L', 2)
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
    <p v-for="(c, i) in cautions" :key="i" class="small my-1">
      ▲ {{ sentence(session.reason(c)) }}.
    </p>
    <p v-if="!products.length" class="muted my-2">
      No products yet. Enter one from its label: rates, spray volume, intervals, limits.
    </p>
    <table v-else class="plain no-print my-2">
      <tbody>
        <tr v-for="p in products" :key="p.id">
          <td>
            <label class="pick"
              ><input type="checkbox" :checked="p.id in rates" @change="toggle(p)" />
              <span
                ><b>{{ p.label.name }}</b
                ><span class="muted small block">{{ MODE[p.label.mode] }}</span></span
              ></label
            >
          </td>
          <td>
            <FigureField
              v-if="p.id in rates"
              v-model="rates[p.id]"
              :label="`Rate`"
              :aria-label="`Rate of ${p.label.name}`"
              :unit="rateUnit(p.label.unit)"
            />
            <span class="small muted"
              >label {{ session.amount(p.label.lowPerHa, rateUnit(p.label.unit)) }} to
              {{ session.amount(p.label.highPerHa, rateUnit(p.label.unit)) }}</span
            >
          </td>
          <td class="n">
            <button v-if="session.operator" class="link small" @click="editing = p">label</button>
            <button
              v-if="session.operator"
              class="muted pl-2"
              :aria-label="`Take away ${p.label.name}`"
              @click="remove(p)"
            >
              ×
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <div class="three no-print">
      <v-text-field v-model="on" type="date" label="Day" />
      <FigureField v-model="carrier" label="Spray" unit="SPRAY_L_PER_HA" />
      <FigureField v-model="tankL" label="Tank" unit="L" />
      <FigureField v-model="heightCm" label="Cover is tall" unit="CM" />
      <v-text-field v-model="grazeFrom" type="date" label="Grazed from" clearable />
      <v-checkbox v-model="hard" label="Hard water" density="compact" />
    </div>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <template v-if="answer">
      <p class="my-2">
        <b>{{ answer.tanks.tanks }} {{ answer.tanks.tanks === 1 ? 'tank' : 'tanks' }}</b
        >, the last one {{ session.amount(answer.tanks.lastTankL, 'L', 0) }}; a full one covers
        {{ session.amount(answer.tanks.haPerTank, 'HA', 1) }}.
      </p>
      <table class="plain">
        <thead>
          <tr>
            <th>product</th>
            <th class="n">a full tank</th>
            <th class="n">last tank</th>
            <th class="n">in all</th>
            <th class="n">active</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(p, i) in answer.tanks.products" :key="p.name">
            <td>
              {{ p.name }}
              <div v-if="answer.parts[i]?.rowRatePerHa" class="small muted">
                label’s row for this height:
                {{ session.amount(answer.parts[i]!.rowRatePerHa!, rateUnit(p.unit)) }}
              </div>
            </td>
            <td class="n">{{ pour(p.perTank, p.unit) }}</td>
            <td class="n">{{ pour(p.lastTank, p.unit) }}</td>
            <td class="n">{{ pour(p.total, p.unit) }}</td>
            <td class="n">
              {{ session.amount(answer.parts[i]!.activeGPerHa, 'G_PER_HA') }}
              <div v-if="answer.parts[i]!.usedGPerHa" class="small muted">
                + {{ session.amount(answer.parts[i]!.usedGPerHa, 'G_PER_HA') }} before
              </div>
            </td>
          </tr>
        </tbody>
      </table>
      <p
        v-for="(f, i) in answer.findings"
        :key="i"
        class="my-1"
        :class="{ rust: f.weight === 'BREAKS' }"
      >
        {{ f.weight === 'BREAKS' ? '✕' : '▲' }}
        <b v-if="f.product">{{ f.product }}:</b> {{ session.reason(f.reason) }}.
      </p>
      <p v-if="!answer.findings.length" class="my-1">Nothing entered stands against it.</p>
      <p class="small">
        Nobody in for {{ answer.reentryHours }} h; no rain for {{ answer.rainFreeHours }} h<template
          v-if="answer.windHighMPerS"
        >
          ; wind
          {{ session.amount(answer.windLowMPerS ?? 0, 'M_PER_S') }} to
          {{ session.amount(answer.windHighMPerS, 'M_PER_S') }}</template
        >.
      </p>
      <v-btn v-if="session.operator" class="no-print mt-2" variant="outlined" @click="log"
        >It went out so: write it down</v-btn
      >
    </template>
    <p class="small mt-2">
      ▲ The label is the law; use a licensed applicator where required. Protective gear, drift,
      inversions, neighbours and bees; rinse and keep records. No rate here replaces a label’s.
    </p>
    <ProductForm v-if="editing" v-model="editing" @saved="load" />
  </section>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px 12px;
  align-items: center;
}
.pick {
  display: flex;
  gap: 8px;
}
.block {
  display: block;
}
@media (max-width: 600px) {
  .three {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
