<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, place, useRead } from '../../farm/data'
import MonthDayField from '../../parts/MonthDayField.vue'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { useUnsaved } from '../../shell/unsaved'
import { sentence } from '../../words/reasons'
import PriceCard from './PriceCard.vue'

/** Dates of insurers, what late planting costs, what each way costs: data the farm may change. */
type Rules = Schemas['RulesView']
const session = useSession()
const RULES = '/api/farms/{farmId}/rules'
const { data: stored, trouble } = useRead(RULES)
/** As they are being written; what is stored comes in until somebody writes. */
const rules = ref<Rules | null>(null)
const refused = ref<Refusal | null>(null)
const wrong = (path: string) => refused.value?.at(path) ?? ''
let written = ''
watch(
  stored,
  (now) => {
    if (!now || (rules.value && JSON.stringify(rules.value) !== written)) return
    rules.value = JSON.parse(JSON.stringify(now)) as Rules
    written = JSON.stringify(rules.value)
  },
  { immediate: true },
)
useUnsaved(
  'What you changed in the rules',
  () => !!rules.value && JSON.stringify(rules.value) !== written,
)
async function took(now: Rules) {
  written = JSON.stringify(rules.value)
  refused.value = null
  await place(RULES, now)
}
const save = () =>
  attempt(
    async () => {
      if (!rules.value) return
      const { version, ending } = rules.value
      await took(await alter('PUT', RULES, { body: { version, ending } }))
      notice.show('Kept; every ending reckons with it.')
    },
    (refusal) => (refused.value = refusal),
  )
const reset = () =>
  attempt(async () => {
    const before = stored.value
    await took(await alter('DELETE', RULES))
    notice.show('Back to the rules that ship.', 'Undo', async () => {
      if (!before) return
      rules.value = { ...before, version: undefined }
      await save()
    })
  })
const CROP: Record<string, string> = {
  corn: 'Corn',
  soybean: 'Soybeans',
  other: 'Other crops',
}
type Late = Rules['ending']['latePlanting'][number]
/** Yields are said as the crop's own bushels. */
const yieldUnit = (crop: string) => (crop === 'corn' ? 'CORN_MG_PER_HA' : 'BEAN_MG_PER_HA')
const harvested = (l: Late) => rules.value?.harvested.find((h) => h.crop === l.crop)
/** What the farm's own harvests brought, in words; nothing where too few are written down. */
function brought(l: Late) {
  const own = harvested(l)
  return (
    own && `Your ${own.harvests} harvests: ${session.amount(own.yieldMgPerHa, yieldUnit(l.crop))}`
  )
}
const DAYS = [10, 20, 30, 45]
const label = (key: string) => session.choices?.endings.find((e) => e.key === key)?.label ?? key
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <div class="grow">
        <h1>Rules and prices</h1>
        <p class="muted">
          Working values that ship; put your own in. Insurance and cost-share dates: confirm with
          agent and office.
        </p>
      </div>
      <v-btn v-if="rules?.own && session.owner" variant="text" @click="reset"
        >Back to what ships</v-btn
      >
      <v-btn v-if="session.owner" color="primary" @click="save">Keep</v-btn>
    </header>
    <p v-if="trouble" class="card rust">{{ trouble }}</p>
    <p v-if="refused" class="card rust mb-3">{{ refused.message }}</p>
    <div v-if="rules" class="cards">
      <section class="card">
        <h2>Insurer’s date for ending a cover</h2>
        <div v-for="(z, i) in rules.ending.zones" :key="z.zone" class="zone">
          <label class="small nowrap"
            ><input v-model="rules.ending.zone" type="radio" name="zone" :value="z.zone" /> Zone
            {{ z.zone }}</label
          >
          <v-text-field v-model="z.words" label="Rule in words" />
          <FigureField
            :model-value="z.latestDaysAfterPlanting"
            label="Days after planting"
            :error="wrong(`ending.zones[${i}].latestDaysAfterPlanting`)"
            @update:model-value="(v) => (z.latestDaysAfterPlanting = Math.round(v ?? 0))"
          />
        </div>
        <p class="muted small">Negative days are before planting.</p>
      </section>
      <PriceCard />
      <section class="card">
        <h2>What late planting costs</h2>
        <div v-for="l in rules.ending.latePlanting" :key="l.crop" class="mb-4">
          <h3 class="mb-3">{{ CROP[l.crop] ?? l.crop }}</h3>
          <div class="late">
            <MonthDayField v-model="l.bestUntil" label="Best until" />
            <MonthDayField v-model="l.lastOn" label="Last day" />
            <FigureField v-model="l.yieldMgPerHa" label="Yield" :unit="yieldUnit(l.crop)" />
            <FigureField
              v-for="(d, i) in DAYS"
              :key="d"
              v-model="l.lossShares[i]"
              :class="{ first: i === 0 }"
              :label="`${d} days late`"
              unit="SHARE"
            />
          </div>
          <p v-if="brought(l)" class="muted small">
            {{ brought(l) }}
            <button
              v-if="session.owner && harvested(l)?.yieldMgPerHa !== l.yieldMgPerHa"
              class="link"
              @click="l.yieldMgPerHa = harvested(l)?.yieldMgPerHa ?? l.yieldMgPerHa"
            >
              Reckon with it
            </button>
          </p>
        </div>
      </section>
      <section class="card">
        <h2>What each way costs</h2>
        <table class="plain">
          <tbody>
            <tr v-for="w in rules.ending.ways" :key="w.way">
              <td>
                {{ sentence(label(w.way)) }}
                <div class="muted small">{{ w.passes || 'no pass' }}</div>
              </td>
              <td style="width: 150px">
                <FigureField v-model="w.usdPerHa" label="Cost" unit="USD_PER_HA" />
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <section class="card">
        <h2>Other</h2>
        <div class="two">
          <FigureField
            v-model="rules.ending.weedMulchMgPerHa"
            label="Mulch that holds weeds"
            unit="MG_PER_HA"
          />
          <FigureField
            :model-value="rules.ending.emergenceDays"
            label="Crop is up after, days"
            @update:model-value="(v) => (rules!.ending.emergenceDays = Math.round(v ?? 0))"
          />
        </div>
        <p class="muted small mt-2">
          Plant-back, grazing and re-entry intervals stand with each product’s label on the spray
          sheet; waits after residual herbicides of the cash crop are in the model’s carry-over
          table.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.cards {
  columns: 2 420px;
  column-gap: 16px;
}
.cards > section {
  break-inside: avoid;
  margin-bottom: 16px;
}
.zone {
  display: grid;
  grid-template-columns: 84px 1fr 150px;
  gap: 8px;
  align-items: center;
  margin-top: 8px;
}
.late {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
}
.first {
  grid-column-start: 1;
}
@media (max-width: 600px) {
  .late {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
