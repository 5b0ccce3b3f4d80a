<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import SpeciesForm from './SpeciesForm.vue'
import { newId } from '../../words/ids'
import { attempt } from '../../shell/attempt'

/** Species the table does not have, each grown like one it has. */
const SPECIES = '/api/farms/{farmId}/species/{speciesId}'
const session = useSession()
const { data } = useRead('/api/farms/{farmId}/species')
const own = computed(() => data.value ?? [])
const editing = ref<Schemas['OwnSpeciesView'] | null>(null)
const name = (id: string) => session.choices?.species.find((s) => s.id === id)?.name ?? id

const saved = () => session.loadChoices()

function fresh(): Schemas['OwnSpeciesView'] {
  const model = session.choices!.species[0]!
  return {
    facts: {
      id: `own_${newId()}`,
      like: model.id,
      name: '',
      seedsPerKg: model.seedsPerKg,
      drilled: { ...model.drilledKgPerHa },
      surface: { ...model.surfaceKgPerHa },
      mixCapKgPerHa: model.mixCapKgPerHa,
      depthLowMm: model.depthLowMm,
      depthHighMm: model.depthHighMm,
      lt50C: model.lt50C,
      ripening: 1,
      heightCm: model.heightCm,
      mostMgPerHa: model.mostMgPerHa,
      usdPerKg: model.usdPerKg,
    },
  }
}

const remove = ({ facts }: Schemas['OwnSpeciesView']) =>
  attempt(async () => {
    const params = { path: { speciesId: facts.id } }
    await alter('DELETE', SPECIES, params)
    await saved()
    notice.show(`${facts.name} taken away.`, 'Undo', () =>
      attempt(async () => {
        await alter('PUT', SPECIES, { ...params, body: { facts } })
        await saved()
      }),
    )
  })
</script>

<template>
  <section class="card">
    <div class="row">
      <h2 class="grow">Species of your own</h2>
      <v-btn v-if="session.owner" size="small" variant="outlined" @click="editing = fresh()"
        >Add a species</v-btn
      >
    </div>
    <p v-if="!own.length" class="muted my-2">
      None yet. A species the table lacks, or a variety that differs, grows like the nearest one it
      has, but for what you know of it.
    </p>
    <table v-else class="plain">
      <tbody>
        <tr v-for="o in own" :key="o.facts.id">
          <td>
            <b>{{ o.facts.name }}</b>
            <div class="muted small">grows like {{ name(o.facts.like).toLowerCase() }}</div>
          </td>
          <td class="n">{{ session.amount(o.facts.drilled.typical, 'KG_PER_HA') }} drilled</td>
          <td class="n">half dead at {{ session.amount(o.facts.lt50C, 'CELSIUS') }}</td>
          <td class="n no-print">
            <template v-if="session.owner">
              <button class="link" @click="editing = o">edit</button>
              <button
                class="muted pl-3"
                :aria-label="`Take away ${o.facts.name}`"
                @click="remove(o)"
              >
                ×
              </button>
            </template>
          </td>
        </tr>
      </tbody>
    </table>
    <SpeciesForm v-if="editing" v-model="editing" @saved="saved" />
  </section>
</template>

<style scoped>
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
