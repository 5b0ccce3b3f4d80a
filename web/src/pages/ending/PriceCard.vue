<script setup lang="ts">
import { ref } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sentence } from '../../words/reasons'
import type { Unit } from '../../words/units'

/** The price book: what things cost and bring, each with its year and where it is from. */
type Price = Schemas['PriceView']
const session = useSession()
const PRICE = '/api/farms/{farmId}/prices/{what}'
const { data: prices, trouble, again } = useRead('/api/farms/{farmId}/prices')
const writing = ref<Price | null>(null)
const refused = ref<Refusal | null>(null)
const year = Number((session.farm?.today ?? '').slice(0, 4))

function write(p: Price) {
  refused.value = null
  writing.value = { ...p, year, source: p.own ? p.source : '' }
}
const put = (p: Price) =>
  alter('PUT', PRICE, {
    path: { what: p.what },
    body: { version: p.version, usd: p.usd, year: p.year, source: p.source },
  })
const keep = () =>
  attempt(
    async () => {
      if (!writing.value) return
      await put(writing.value)
      writing.value = null
      notice.show('Kept; every account and every ending reckons with it.')
    },
    (refusal) => (refused.value = refusal),
  )
const reset = (p: Price) =>
  attempt(async () => {
    await alter('DELETE', PRICE, { path: { what: p.what } })
    notice.show('Back to the price that ships.', 'Undo', async () => {
      await put({ ...p, version: undefined })
    })
  })
</script>

<template>
  <section class="card">
    <h2>Price book</h2>
    <p class="muted small">
      Seed is priced by its lots, machines on their own page, ways of ending below.
    </p>
    <ReadTrouble v-if="!prices" what="The price book" :trouble="trouble" @again="again" />
    <table v-else class="plain">
      <tbody>
        <tr v-for="p in prices" :key="p.what">
          <td v-if="writing?.what === p.what" colspan="2">
            <form class="two mt-2 mb-2" @submit.prevent="keep">
              <FigureField
                v-model="writing.usd"
                :label="sentence(p.label)"
                :unit="p.unit as Unit"
                :error="refused?.at('usd') ?? ''"
              />
              <FigureField v-model="writing.year" label="Year" :error="refused?.at('year') ?? ''" />
              <v-text-field
                v-model="writing.source"
                label="Where it is from"
                placeholder="contract, dealer, auction"
                class="wide"
                :error-messages="refused?.at('source') ?? ''"
              />
              <div class="row wide">
                <v-btn color="primary" type="submit">Keep</v-btn>
                <v-btn variant="text" @click="writing = null">Leave it</v-btn>
              </div>
            </form>
          </td>
          <template v-else>
            <td>
              {{ sentence(p.label) }}
              <div class="muted small">{{ p.year }}, {{ p.source || 'not said where from' }}</div>
            </td>
            <td class="n">
              <b v-if="p.own">{{ session.amount(p.usd, p.unit as Unit) }}</b>
              <template v-else>{{ session.amount(p.usd, p.unit as Unit) }}</template>
              <div v-if="session.owner" class="small">
                <button class="link" :aria-label="`Change ${p.label}`" @click="write(p)">
                  change
                </button>
                <button v-if="p.own" class="link" @click="reset(p)">as it ships</button>
              </div>
            </td>
          </template>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.n {
  white-space: nowrap;
}
.wide {
  grid-column: 1 / -1;
}
</style>
