<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Schemas } from '../api/client'
import { alter, consider, read } from '../farm/data'
import { useAnswer } from '../answer'
import FigureField from '../parts/FigureField.vue'
import { useSession } from '../session'
import { notice } from '../shell/notice'
import { sentence } from '../words/reasons'
import { toSi, type Unit } from '../words/units'
import { newId } from '../words/ids'
import { readNumber } from '../words/numbers'
import { useKinds } from '../words/kinds'

interface Row {
  species: string
  rateKgPerHa: number | undefined
  lotId?: string
}

/** The mix bench: three entries that stay in step, warnings with their way out, two mixes compared. */
const session = useSession()
const kinds = useKinds()
const route = useRoute()
const router = useRouter()
const rows = ref<Row[]>([
  { species: 'cereal_rye', rateKgPerHa: session.usual('mixRye') },
  { species: 'hairy_vetch', rateKgPerHa: session.usual('mixVetch') },
])
const placement = ref(session.choices?.methods[0]?.key ?? '')
const ending = ref('')
const name = ref('')
const kept = ref<Schemas['MixView'] | null>(null)
const lots = ref<Schemas['LotView'][]>([])
const mixes = ref<Schemas['MixView'][]>([])
const beside = ref<string | null>(null)
const before = ref<Row[][]>([])

onMounted(async () => {
  const params = {}
  lots.value = await read('/api/farms/{farmId}/seed/lots', { ...params })
  mixes.value = await read('/api/farms/{farmId}/seed/mixes', { ...params })
  const mix = mixes.value.find((m) => m.id === route.params.id)
  if (mix) {
    kept.value = mix
    name.value = mix.name
    rows.value = mix.components.map((c) => ({ ...c }))
  }
})

const speciesItems = computed(() =>
  (session.choices?.species ?? []).map((s) => ({ title: s.name, value: s.id })),
)
const methods = computed(() =>
  (session.choices?.methods ?? []).map((m) => ({ title: sentence(m.label), value: m.key })),
)
const endings = computed(() => [
  { title: 'not settled', value: '' },
  ...(session.choices?.endings ?? []).map((e) => ({ title: e.label, value: e.key })),
])
const speciesName = (id: string) => session.choices?.species.find((s) => s.id === id)?.name ?? id

function component(r: Row) {
  const lot = lots.value.find((l) => l.id === r.lotId)
  return {
    species: r.species,
    rateKgPerHa: r.rateKgPerHa ?? 0,
    germination: lot?.germination,
    purity: lot?.purity,
    pricePerKg: lot?.usdPerKg,
  }
}
function question(components: Row[]) {
  return {
    components: components.map(component),
    placement: placement.value,
    ending: ending.value,
    farmId: session.farm?.id,
  }
}

const { answer, trouble } = useAnswer(
  () =>
    rows.value.some((r) => r.rateKgPerHa)
      ? JSON.stringify([rows.value, placement.value, ending.value, lots.value.length])
      : '',
  () => consider('/api/bench/mix', { body: question(rows.value) }),
)
const other = computed(() => mixes.value.find((m) => m.id === beside.value))
const { answer: otherAnswer } = useAnswer(
  () => (other.value ? JSON.stringify([other.value, placement.value, ending.value]) : ''),
  () => consider('/api/bench/mix', { body: question(other.value!.components) }),
)

function remember() {
  before.value = [...before.value.slice(-19), rows.value.map((r) => ({ ...r }))]
}
function undo() {
  const last = before.value.at(-1)
  if (!last) return
  rows.value = last
  before.value = before.value.slice(0, -1)
}

async function enter(part: { totalKgPerHa?: number; liveSeedsPerM2?: number }, shares: number[]) {
  const components = rows.value.map((r, i) => ({ ...component(r), share: shares[i] }))
  try {
    const got = await consider('/api/bench/mix', {
      body: {
        components,
        placement: placement.value,
        ending: ending.value,
        farmId: session.farm?.id,
        ...part,
      },
    })
    remember()
    rows.value = rows.value.map((r, i) => ({
      ...r,
      rateKgPerHa: got.components[i]?.rateKgPerHa ?? r.rateKgPerHa,
    }))
  } catch (e) {
    notice.show((e as Error).message)
  }
}
/** What was typed, once it is finished. */
function typed(e: Event, unit: Unit): number | undefined {
  const read = readNumber((e.target as HTMLInputElement).value, session.units)
  if (read.problem) notice.show(read.problem)
  return read.value === undefined ? undefined : toSi(read.value, unit, session.units)
}
const massShares = () => answer.value?.components.map((c) => c.shareByMass) ?? []
const countShares = () => answer.value?.components.map((c) => c.shareByCount) ?? []
function setTotal(kg: number | undefined) {
  if (kg && answer.value) void enter({ totalKgPerHa: kg }, massShares())
}
function setSeeds(seeds: number | undefined) {
  if (seeds && answer.value) void enter({ liveSeedsPerM2: seeds }, countShares())
}
/** A share is set to what was typed; the others keep their proportions in the rest. */
function withShare(shares: number[], i: number, value: number): number[] {
  const rest = shares.reduce((sum, s, at) => (at === i ? sum : sum + s), 0)
  return shares.map((s, at) =>
    at === i ? value : rest > 0 ? (s / rest) * (1 - value) : (1 - value) / (shares.length - 1),
  )
}
function setMassShare(i: number, value: number | undefined) {
  if (value === undefined || value < 0 || value > 1 || !answer.value) return
  void enter({ totalKgPerHa: answer.value.rateKgPerHa }, withShare(massShares(), i, value))
}
function setCountShare(i: number, value: number | undefined) {
  if (value === undefined || value < 0 || value > 1 || !answer.value) return
  void enter({ liveSeedsPerM2: answer.value.liveSeedsPerM2 }, withShare(countShares(), i, value))
}

/** Rates as the other placement needs them. */
function place(key: string) {
  const was = kinds.method(placement.value)?.rateBasis
  const will = kinds.method(key)?.rateBasis
  placement.value = key
  if (was === will) return
  remember()
  rows.value = rows.value.map((r) => {
    const s = session.choices?.species.find((c) => c.id === r.species)
    if (!s || r.rateKgPerHa === undefined) return r
    const more = s.surfaceKgPerHa.typical / s.drilledKgPerHa.typical
    return { ...r, rateKgPerHa: r.rateKgPerHa * (will === 'DRILLED' ? 1 / more : more) }
  })
  notice.show(
    will === 'DRILLED' ? 'Rates turned to drilled rates.' : 'Rates turned to surface rates.',
    'Undo',
    undo,
  )
}

function mend(w: Schemas['WarningAnswer']) {
  remember()
  rows.value = (w.mended ?? []).map((m) => ({
    species: m.species,
    rateKgPerHa: m.rateKgPerHa,
    lotId: rows.value.find((r) => r.species === m.species)?.lotId,
  }))
  notice.show(`${w.fix}: done.`, 'Undo', undo)
}

function add() {
  remember()
  const used = new Set(rows.value.map((r) => r.species))
  const next = session.choices?.species.find((s) => !used.has(s.id))
  if (next) {
    rows.value = [...rows.value, { species: next.id, rateKgPerHa: next.drilledKgPerHa.typical / 2 }]
  }
}
function take(i: number) {
  remember()
  rows.value = rows.value.filter((_, at) => at !== i)
}
const lotItems = (species: string) => [
  { title: 'usual seed', value: '' },
  ...lots.value
    .filter((l) => l.species === species)
    .map((l) => ({ title: l.lotNo || l.supplier || 'a lot', value: l.id })),
]

async function keep() {
  const mix = {
    id: kept.value?.id ?? newId(),
    version: kept.value?.version,
    name: name.value,
    components: rows.value.map((r) => ({
      species: r.species,
      rateKgPerHa: r.rateKgPerHa ?? 0,
      lotId: r.lotId,
    })),
  }
  try {
    kept.value = await alter('PUT', '/api/farms/{farmId}/seed/mixes/{mixId}', {
      path: { mixId: mix.id },
      body: mix,
    })
    mixes.value = await read('/api/farms/{farmId}/seed/mixes')
    notice.show(`${mix.name} kept.`)
    void router.replace(`/seed/mix/${mix.id}`)
  } catch (e) {
    notice.show((e as Error).message)
  }
}
const full = (share: number) => `${Math.round(share * 100)} %`
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <h1 class="grow">Mix bench</h1>
      <v-btn variant="text" :disabled="!before.length" @click="undo">Undo</v-btn>
      <v-text-field
        v-if="session.owner"
        v-model="name"
        label="Name of the mix"
        style="max-width: 220px"
      />
      <v-btn v-if="session.owner" color="primary" :disabled="!name.trim()" @click="keep"
        >Keep</v-btn
      >
    </header>
    <div class="bench">
      <section class="card">
        <div class="row mb-2">
          <v-select
            :model-value="placement"
            :items="methods"
            label="Seeded by"
            style="min-width: 220px"
            @update:model-value="place"
          />
          <v-select v-model="ending" :items="endings" label="Ended by" style="min-width: 180px" />
        </div>
        <div class="scroll">
          <table class="plain">
            <thead>
              <tr>
                <th>species</th>
                <th class="desk">seed</th>
                <th>rate</th>
                <th>of mass</th>
                <th>of live seeds</th>
                <th class="n">live seeds</th>
                <th class="n">cost</th>
                <th></th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(r, i) in rows" :key="i">
                <td style="min-width: 160px">
                  <v-autocomplete
                    v-model="r.species"
                    :items="speciesItems"
                    density="compact"
                    hide-details
                    aria-label="Species"
                  />
                </td>
                <td style="min-width: 130px" class="desk">
                  <v-select
                    :model-value="r.lotId ?? ''"
                    :items="lotItems(r.species)"
                    density="compact"
                    hide-details
                    aria-label="Seed lot"
                    @update:model-value="r.lotId = $event || undefined"
                  />
                </td>
                <td class="num">
                  <FigureField v-model="r.rateKgPerHa" label="Rate" unit="KG_PER_HA" />
                </td>
                <td class="num">
                  <FigureField
                    :model-value="answer?.components[i]?.shareByMass"
                    label="Mass"
                    unit="SHARE"
                    @change="(e: Event) => setMassShare(i, typed(e, 'SHARE'))"
                  />
                </td>
                <td class="num">
                  <FigureField
                    :model-value="answer?.components[i]?.shareByCount"
                    label="Seeds"
                    unit="SHARE"
                    @change="(e: Event) => setCountShare(i, typed(e, 'SHARE'))"
                  />
                </td>
                <td class="n">
                  {{
                    answer?.components[i]
                      ? session.amount(answer.components[i]!.liveSeedsPerM2, 'PER_M2')
                      : ''
                  }}
                </td>
                <td class="n">
                  {{
                    answer?.components[i]
                      ? session.amount(answer.components[i]!.costPerHa, 'USD_PER_HA', 2)
                      : ''
                  }}
                </td>
                <td>
                  <button
                    v-if="rows.length > 1"
                    class="muted"
                    :aria-label="`Take out ${speciesName(r.species)}`"
                    @click="take(i)"
                  >
                    ×
                  </button>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <v-btn variant="text" size="small" @click="add">Add a species</v-btn>
        <p v-if="trouble" class="rust mt-2">{{ trouble }}</p>
        <div v-if="answer" class="totals">
          <FigureField
            :model-value="answer.rateKgPerHa"
            label="Total rate"
            unit="KG_PER_HA"
            @change="(e: Event) => setTotal(typed(e, 'KG_PER_HA'))"
          />
          <FigureField
            :model-value="answer.liveSeedsPerM2"
            label="Live seeds"
            unit="PER_M2"
            @change="(e: Event) => setSeeds(typed(e, 'PER_M2'))"
          />
          <div>
            <div class="big">{{ session.amount(answer.costPerHa, 'USD_PER_HA', 2) }}</div>
            <div class="muted small">seed</div>
          </div>
          <div>
            <div class="big">{{ full(answer.intensity) }}</div>
            <div class="muted small">of a full stand; usual 100 to 130 %</div>
          </div>
        </div>
        <div v-if="answer" class="meter" aria-hidden="true">
          <span class="usual" />
          <span class="at" :style="{ left: Math.min(100, answer.intensity * 50) + '%' }" />
        </div>
      </section>

      <aside class="card">
        <h2>What may go wrong</h2>
        <p v-if="answer && !answer.warnings.length" class="my-2">
          Nothing that a mix alone shows. The field page runs it through thirty years.
        </p>
        <ul class="warnings">
          <li v-for="w in answer?.warnings ?? []" :key="w.code + w.text">
            {{ sentence(session.reason(w.reason)) }}.
            <v-btn v-if="w.fix" size="small" variant="outlined" class="mt-1" @click="mend(w)">
              {{ w.fix }}
            </v-btn>
          </li>
        </ul>
        <h2 class="mt-4">Beside another</h2>
        <v-select
          v-model="beside"
          :items="mixes.map((m) => ({ title: m.name, value: m.id }))"
          label="Mix of this farm"
          clearable
          class="my-2"
        />
        <table v-if="answer && otherAnswer" class="plain">
          <thead>
            <tr>
              <th></th>
              <th class="n">this</th>
              <th class="n">{{ other?.name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <td>rate</td>
              <td class="n">{{ session.amount(answer.rateKgPerHa, 'KG_PER_HA') }}</td>
              <td class="n">{{ session.amount(otherAnswer.rateKgPerHa, 'KG_PER_HA') }}</td>
            </tr>
            <tr>
              <td>live seeds</td>
              <td class="n">{{ session.amount(answer.liveSeedsPerM2, 'PER_M2') }}</td>
              <td class="n">{{ session.amount(otherAnswer.liveSeedsPerM2, 'PER_M2') }}</td>
            </tr>
            <tr>
              <td>of a full stand</td>
              <td class="n">{{ full(answer.intensity) }}</td>
              <td class="n">{{ full(otherAnswer.intensity) }}</td>
            </tr>
            <tr>
              <td>seed</td>
              <td class="n">{{ session.amount(answer.costPerHa, 'USD_PER_HA', 2) }}</td>
              <td class="n">{{ session.amount(otherAnswer.costPerHa, 'USD_PER_HA', 2) }}</td>
            </tr>
            <tr>
              <td>warnings</td>
              <td class="n">{{ answer.warnings.length }}</td>
              <td class="n">{{ otherAnswer.warnings.length }}</td>
            </tr>
          </tbody>
        </table>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 16px;
  align-items: start;
}
.num {
  width: 104px;
  min-width: 96px;
}
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
.warnings {
  padding-left: 16px;
}
.warnings li {
  margin: 8px 0;
}
@media (max-width: 900px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
  .totals {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
