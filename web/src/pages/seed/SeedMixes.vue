<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { alter, atOnce, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'

/** The mixes this farm has kept. */
type Mix = Schemas['MixView']
defineProps<{ name: (species: string) => string }>()
const MIXES = '/api/farms/{farmId}/seed/mixes'
const MIX = '/api/farms/{farmId}/seed/mixes/{mixId}'
const session = useSession()
const { data: mixes } = useRead(MIXES)

const remove = (mix: Mix) =>
  attempt(async () => {
    const path = { mixId: mix.id }
    const without = (was: Mix[]) => was.filter((m) => m.id !== mix.id)
    await atOnce(MIXES, {}, without, () => alter('DELETE', MIX, { path }))
    notice.show(`${mix.name} taken away.`, 'Undo', () =>
      attempt(() => alter('PUT', MIX, { path, body: { ...mix, version: undefined } })),
    )
  })
</script>

<template>
  <section class="card">
    <h2>Mixes of this farm</h2>
    <p v-if="mixes && !mixes.length" class="muted my-2">
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
              @click="remove(m)"
            >
              ×
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
