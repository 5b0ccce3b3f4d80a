<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, upload, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { sayFullDay } from '../../words/days'
import LotForm from './LotForm.vue'
import OwnSpecies from './OwnSpecies.vue'
import { newId } from '../../words/ids'

/** Seed: what to buy, what is in the bin, and the farm's mixes. */
const session = useSession()
const allowance = ref(100 * session.usual('seedAllowance'))
const { data: lots, trouble } = useRead('/api/farms/{farmId}/seed/lots')
const { data: mixed } = useRead('/api/farms/{farmId}/seed/mixes')
const { data: needed } = useRead('/api/farms/{farmId}/seed/needs', () => ({
  query: { allowance: allowance.value / 100 },
}))
const mixes = computed(() => mixed.value ?? [])
const needs = computed(() => needed.value ?? [])
const editing = ref<Schemas['LotView'] | null>(null)
const path = () => ({ farmId: session.farm?.id ?? '' })
const name = (id: string) => session.choices?.species.find((s) => s.id === id)?.name ?? id

function fresh(): Schemas['LotView'] {
  return {
    id: newId(),
    species: 'cereal_rye',
    variety: '',
    lotNo: '',
    supplier: '',
    treated: false,
    organic: false,
    usdPerKg: 0,
    boughtKg: 0,
  }
}

async function remove(lot: Schemas['LotView']) {
  const params = { path: { lotId: lot.id } }
  try {
    await alter('DELETE', '/api/farms/{farmId}/seed/lots/{lotId}', { ...params })
  } catch (e) {
    return notice.show((e as Error).message)
  }
  notice.show(`${lot.lotNo || name(lot.species)} is out of the bin.`, 'Undo', () =>
    alter('POST', '/api/farms/{farmId}/seed/lots/{lotId}/restore', { ...params }),
  )
}

/** After a save: what it was can be put back. */
async function saved(now: Schemas['LotView'], before: Schemas['LotView']) {
  if (before.version === undefined) return
  notice.show(`${now.lotNo || name(now.species)} kept.`, 'Undo', () =>
    alter('PUT', '/api/farms/{farmId}/seed/lots/{lotId}', {
      path: { lotId: now.id },
      body: { ...before, version: now.version },
    }),
  )
}

async function certify(lot: Schemas['LotView'], event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  try {
    await upload(`/api/farms/${path().farmId}/seed/lots/${lot.id}/certificate`, file)
  } catch (e) {
    notice.show((e as Error).message)
  }
}

async function removeMix(mix: Schemas['MixView']) {
  const params = { path: { mixId: mix.id } }
  await alter('DELETE', '/api/farms/{farmId}/seed/mixes/{mixId}', { ...params })
  notice.show(`${mix.name} taken away.`, 'Undo', () =>
    alter('PUT', '/api/farms/{farmId}/seed/mixes/{mixId}', {
      ...params,
      body: { ...mix, version: undefined },
    }),
  )
}

const left = (l: Schemas['LotView']) => l.boughtKg - (l.usedKg ?? 0)
const toBuy = computed(() => needs.value.filter((n) => n.needKg > 0))
const bill = computed(() => toBuy.value.reduce((sum, n) => sum + n.usd, 0))
const bags = (kg: number) => Math.ceil(kg / session.usual('seedBag'))
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <h1 class="grow">Seed</h1>
      <v-btn variant="outlined" to="/seed/mix">Mix bench</v-btn>
      <v-btn v-if="session.operator" color="primary" @click="editing = fresh()">Add a lot</v-btn>
    </header>
    <p v-if="trouble" class="card rust">{{ trouble }}</p>

    <section v-if="lots" class="card mb-4">
      <div class="row">
        <h2 class="grow">Still to buy</h2>
        <label class="muted small no-print"
          >over what is needed
          <input v-model.number="allowance" type="number" min="0" max="50" class="allow" />
          %</label
        >
      </div>
      <p v-if="!toBuy.length" class="muted">
        No field with a plan is waiting for seed. Plan a cover and its seed shows here.
      </p>
      <div v-else class="scroll">
        <table class="plain">
          <thead>
            <tr>
              <th>species</th>
              <th class="n">needed</th>
              <th class="n desk">in the bin</th>
              <th class="n">to buy</th>
              <th class="n desk">50 lb bags</th>
              <th class="n">about</th>
              <th class="desk">fields</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="n in toBuy" :key="n.species">
              <td>{{ n.name }}</td>
              <td class="n">{{ session.amount(n.needKg, 'KG') }}</td>
              <td class="n desk">{{ session.amount(n.stockKg, 'KG') }}</td>
              <td class="n">
                <b v-if="n.buyKg > 0.5">{{ session.amount(n.buyKg, 'KG') }}</b>
                <span v-else class="tag good">enough</span>
              </td>
              <td class="n desk">
                {{ n.buyKg > 0.5 ? bags(n.buyKg).toLocaleString('en-US') : '' }}
              </td>
              <td class="n">{{ n.buyKg > 0.5 ? session.amount(n.usd, 'USD') : '' }}</td>
              <td class="muted small desk">{{ n.fields.join(', ') }}</td>
            </tr>
            <tr>
              <td><b>In all</b></td>
              <td></td>
              <td class="desk"></td>
              <td></td>
              <td class="desk"></td>
              <td class="n">
                <b>{{ session.amount(bill, 'USD') }}</b>
              </td>
              <td class="desk"></td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>

    <section v-if="lots" class="card mb-4">
      <h2>In the bin</h2>
      <p v-if="!lots.length" class="muted my-2">
        No seed yet. Add a lot from its tag: species, germination, purity, price, how much.
      </p>
      <div v-else class="scroll">
        <table class="plain">
          <thead>
            <tr>
              <th>species</th>
              <th>lot</th>
              <th class="n">germinates</th>
              <th class="n desk">pure</th>
              <th class="desk">tested</th>
              <th class="n">price</th>
              <th class="n">left</th>
              <th></th>
              <th class="no-print"></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="l in lots" :key="l.id">
              <td>{{ name(l.species) }}</td>
              <td>
                {{ l.lotNo || '–' }} <span class="muted small">{{ l.supplier }}</span>
              </td>
              <td class="n">
                <template v-if="l.germination">{{
                  session.amount(l.germination, 'SHARE')
                }}</template>
                <span v-else class="tag bad">not tested</span>
              </td>
              <td class="n desk">{{ l.purity ? session.amount(l.purity, 'SHARE', 1) : '–' }}</td>
              <td class="desk">
                <span v-if="l.testedOn">{{ sayFullDay(l.testedOn).slice(4) }}</span>
              </td>
              <td class="n">{{ session.amount(l.usdPerKg, 'USD_PER_KG') }}</td>
              <td class="n">
                <b>{{ session.amount(left(l), 'KG') }}</b>
                <span class="muted small"> of {{ session.amount(l.boughtKg, 'KG') }}</span>
              </td>
              <td>
                <span v-if="l.treated" class="tag bad">treated</span>
                <span v-if="l.organic" class="tag good">organic</span>
                <a
                  v-if="l.certificateName"
                  :href="`/api/farms/${path().farmId}/seed/lots/${l.id}/certificate`"
                  class="small"
                  >certificate</a
                >
                <label v-else-if="session.operator" class="small attach no-print"
                  >attach certificate<input type="file" hidden @change="certify(l, $event)"
                /></label>
              </td>
              <td class="no-print nowrap">
                <button v-if="session.operator" class="link" @click="editing = { ...l }">
                  edit
                </button>
                <button
                  v-if="session.owner"
                  class="muted pl-3"
                  :aria-label="`Take out ${l.lotNo}`"
                  @click="remove(l)"
                >
                  ×
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>

    <section class="card mb-4">
      <h2>Mixes of this farm</h2>
      <p v-if="!mixes.length" class="muted my-2">
        None kept yet. <router-link to="/seed/mix">Put one together on the mix bench.</router-link>
      </p>
      <table v-else class="plain">
        <tbody>
          <tr v-for="m in mixes" :key="m.id">
            <td>
              <router-link :to="`/seed/mix/${m.id}`">{{ m.name }}</router-link>
            </td>
            <td>
              {{
                m.components
                  .map((c) => `${name(c.species)} ${session.amount(c.rateKgPerHa, 'KG_PER_HA')}`)
                  .join(' · ')
              }}
            </td>
            <td class="no-print">
              <button
                v-if="session.owner"
                class="muted"
                :aria-label="`Take away ${m.name}`"
                @click="removeMix(m)"
              >
                ×
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <OwnSpecies />
    <LotForm v-if="editing" v-model="editing" @saved="saved" />
  </div>
</template>

<style scoped>
.allow {
  width: 48px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  padding: 2px 6px;
  color: inherit;
}
.attach,
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.nowrap,
td.n {
  white-space: nowrap;
}
</style>
