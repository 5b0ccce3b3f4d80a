<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, atOnce, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { newId } from '../../words/ids'
import { useKinds } from '../../words/kinds'
import LotForm from './LotForm.vue'
import OwnSpecies from './OwnSpecies.vue'
import SeedLots from './SeedLots.vue'
import SeedMixes from './SeedMixes.vue'
import SeedNeeds from './SeedNeeds.vue'

/** Seed: what to buy, what is in the bin, and the farm's mixes. */
type Lot = Schemas['LotView']
const LOTS = '/api/farms/{farmId}/seed/lots'
const LOT = '/api/farms/{farmId}/seed/lots/{lotId}'
const session = useSession()
const kinds = useKinds()
const { data: lots, trouble } = useRead(LOTS)
const editing = ref<Lot | null>(null)
const name = (id: string) => kinds.species(id)?.name ?? id
const called = (lot: Lot) => lot.lotNo || name(lot.species)

const fresh = (): Lot => ({
  id: newId(),
  species: 'cereal_rye',
  variety: '',
  lotNo: '',
  supplier: '',
  treated: false,
  organic: false,
  usdPerKg: 0,
  boughtKg: 0,
})

/** Takes a lot out of the bin; it is gone at once and can be put back. */
const remove = (lot: Lot) =>
  attempt(async () => {
    const path = { lotId: lot.id }
    const without = (was: Lot[]) => was.filter((l) => l.id !== lot.id)
    await atOnce(LOTS, {}, without, () => alter('DELETE', LOT, { path }))
    notice.show(`${called(lot)} is out of the bin.`, 'Undo', () =>
      attempt(() => alter('POST', `${LOT}/restore`, { path })),
    )
  })

/** After a save: what it was can be put back. */
function saved(now: Lot, before: Lot) {
  if (before.version === undefined) return
  const body = { ...before, version: now.version }
  notice.show(`${called(now)} kept.`, 'Undo', () =>
    attempt(() => alter('PUT', LOT, { path: { lotId: now.id }, body })),
  )
}
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <h1 class="grow">Seed</h1>
      <v-btn variant="outlined" to="/seed/mix">Mix bench</v-btn>
      <v-btn v-if="session.operator" color="primary" @click="editing = fresh()">Add a lot</v-btn>
    </header>
    <p v-if="trouble" class="card rust">{{ trouble }}</p>
    <template v-if="lots">
      <SeedNeeds class="mb-4" />
      <SeedLots
        class="mb-4"
        :lots="lots"
        :name="name"
        @edit="editing = { ...$event }"
        @remove="remove"
      />
    </template>
    <SeedMixes class="mb-4" :name="name" />
    <OwnSpecies />
    <LotForm v-if="editing" v-model="editing" @saved="saved" />
  </div>
</template>
