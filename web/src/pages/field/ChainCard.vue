<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import { seasonLooked } from '../../farm/now'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import { sayDay } from '../../words/days'
import { rooms } from './chainRows'

/** What grew, grows and is to grow on the field, one link behind the other over the years. */
const props = defineProps<{ fieldId: string; chosen?: string }>()
const session = useSession()
const router = useRouter()
const { data: chain } = useRead('/api/farms/{farmId}/fields/{fieldId}/chain', () => ({
  path: { fieldId: props.fieldId },
}))
const links = computed(() => chain.value?.links ?? [])
const covers = computed(() => links.value.filter((l) => l.kind === 'cover'))
/** The cover another is added behind: the one that is looked at, else the last. */
const last = computed(() => covers.value.find((l) => l.id === props.chosen) ?? covers.value.at(-1))
const listed = ref(false)
const room = computed(() => rooms(links.value, session.usual('coverRoom')))
const roomAfter = (id: string) => room.value.find((r) => r.after === id)
const usd = (usdPerHa: number) => session.amount(usdPerHa, 'USD_PER_HA')
const cost = (l: Schemas['LinkView']) => (l.cost ? usd(l.cost.all) : '')
const net = (l: Schemas['LinkView']) =>
  l.cost &&
  `costs ${usd(l.cost.all)} as planned; with what it brings, as it stands, ${usd(l.cost.net)}`
const brokenAt = (id: string) => (chain.value?.broken ?? []).filter((b) => b.linkId === id)

function look(season: number, link?: string) {
  seasonLooked.value = season === session.farm?.thisSeason ? null : season
  void router.push({ path: `/fields/${props.fieldId}`, query: link ? { link } : {} })
}
function pick(id: string) {
  const l = links.value.find((k) => k.id === id)
  if (l) look(l.season, l.planId ?? undefined)
}
const grew = (l: Schemas['LinkView']) =>
  l.grewMgPerHa ? session.amount(l.grewMgPerHa, 'MG_PER_HA') : ''
</script>

<template>
  <section :class="['chain', { card: listed }]">
    <header class="row mb-1">
      <h2 v-if="listed" class="grow">Through the years</h2>
      <span v-else class="grow" />
      <v-btn
        v-if="links.length"
        variant="text"
        density="compact"
        :aria-expanded="listed"
        @click="listed = !listed"
        >{{ listed ? 'Without the list' : 'Through the years, as a list' }}</v-btn
      >
      <v-btn
        v-if="session.owner && last"
        variant="text"
        density="compact"
        data-test="behind"
        @click="look(last.nextSeason, 'new')"
        >Add a cover behind {{ last.name.toLowerCase() }}</v-btn
      >
    </header>
    <template v-if="!listed">
      <p v-for="b in chain?.broken ?? []" :key="b.linkId + b.rule" class="rust">
        {{ sentence(session.reason(b.words)) }}
      </p>
    </template>
    <table v-if="links.length && listed" class="plain">
      <tbody>
        <template v-for="l in links" :key="l.id">
          <tr :class="{ chosen: chosen === l.id }">
            <td>
              <button v-if="l.kind === 'cover'" class="name" @click="pick(l.id)">
                {{ l.name }}
              </button>
              <span v-else>{{ l.name }}</span>
              <span v-if="l.behind" class="muted"> behind {{ l.behind.toLowerCase() }}</span>
              <p v-for="b in brokenAt(l.id)" :key="b.rule" class="rust">
                {{ sentence(session.reason(b.words)) }}
              </p>
            </td>
            <td class="n days">
              {{ sayDay(l.from) }} {{ l.from.slice(0, 4) }} – {{ sayDay(l.until) }}
              {{ l.until.slice(0, 4) }}
            </td>
            <td class="muted">{{ l.purposes.join(', ') }}</td>
            <td class="muted">{{ l.how }}</td>
            <td class="n">{{ grew(l) }}</td>
            <td class="n muted" :title="net(l)">{{ cost(l) }}</td>
          </tr>
          <tr v-if="session.owner && roomAfter(l.id)" class="room no-print">
            <td colspan="6">
              <button class="link" @click="look(roomAfter(l.id)!.season, roomAfter(l.id)!.link)">
                Add a cover here
              </button>
              <span class="muted"> {{ roomAfter(l.id)!.days }} days of open ground</span>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <p v-if="chain && !links.length" class="muted">Nothing is planned or written down yet.</p>
  </section>
</template>

<style scoped>
.chain {
  margin: 6px 0 16px;
}
.name {
  color: var(--leaf);
  text-decoration: underline;
}
.days {
  white-space: nowrap;
}
tr.chosen td {
  background: var(--plate);
  font-weight: 600;
}
@media (max-width: 700px) {
  td.muted {
    display: none;
  }
}
</style>
