<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import { seasonLooked } from '../../farm/now'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import { plus, sayDay } from '../../words/days'
import { rooms } from './chainRows'
import YearStrip from '../years/YearStrip.vue'
import { xOf, type YearLink } from '../years/strip'

/** What grew, grows and is to grow on the field, one link behind the other over the years. */
const props = defineProps<{ fieldId: string; chosen?: string }>()
const session = useSession()
const router = useRouter()
const { data: chain } = useRead('/api/farms/{farmId}/fields/{fieldId}/chain', () => ({
  path: { fieldId: props.fieldId },
}))
const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)
/** Ground left open before the first and behind the last, days; the least a strip is drawn in; the card's edges. */
const [MARGIN, LEAST, PADDING] = [30, 560, 32] as const
const strip = computed(() => Math.max(LEAST, width.value - PADDING))
const links = computed(() => chain.value?.links ?? [])
const from = computed(() => plus(links.value[0]?.from ?? '', -MARGIN))
const to = computed(() => {
  const last = links.value.map((l) => l.until).sort()
  return plus(last[last.length - 1] ?? '', MARGIN)
})
const drawn = computed<YearLink[]>(() =>
  links.value.map((l) => ({ ...l, logged: l.fromLogged, crop: undefined })),
)
const covers = computed(() => links.value.filter((l) => l.kind === 'cover'))
/** The cover another is added behind: the one that is looked at, else the last. */
const last = computed(() => covers.value.find((l) => l.id === props.chosen) ?? covers.value.at(-1))
const listed = ref(false)
const room = computed(() => rooms(links.value, session.usual('coverRoom')))
const roomAfter = (id: string) => room.value.find((r) => r.after === id)
const usd = (usdPerHa: number) => session.amount(usdPerHa, 'USD_PER_HA')
const cost = (l: Schemas['LinkView']) => (l.cost ? usd(l.cost.all) : '')
const parts = (l: Schemas['LinkView']) =>
  l.cost &&
  [
    `seed ${usd(l.cost.seed)}`,
    l.cost.seeding === undefined ? '' : `seeding ${usd(l.cost.seeding)}`,
    `ending ${usd(l.cost.ending)}`,
  ]
    .filter(Boolean)
    .join(', ')
const brokenAt = (id: string) => (chain.value?.broken ?? []).filter((b) => b.linkId === id)

// On a phone the strip is wider than the screen: today stands in the middle of it.
const scroll = useTemplateRef<HTMLElement>('scroll')
watch([chain, width], async () => {
  await nextTick()
  const drawnIn = { from: from.value, to: to.value, width: strip.value, ground: 0 }
  if (scroll.value)
    scroll.value.scrollLeft = xOf(chain.value?.today ?? '', drawnIn) - width.value / 2
})

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
  <section ref="box" class="card chain">
    <header class="row mb-1">
      <h2 class="grow">Through the years</h2>
      <v-btn
        v-if="links.length"
        variant="text"
        density="compact"
        :aria-expanded="listed"
        @click="listed = !listed"
        >{{ listed ? 'Without the list' : 'As a list' }}</v-btn
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
    <div v-if="links.length && width" ref="scroll" class="scroll">
      <YearStrip
        :links="drawn"
        :from="from"
        :to="to"
        :today="chain?.today ?? ''"
        :width="strip"
        :broken="(chain?.broken ?? []).map((b) => b.linkId)"
        :chosen="chosen"
        @pick="pick($event.id)"
      />
    </div>
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
            <td class="n muted" :title="parts(l)">{{ cost(l) }}</td>
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
.scroll {
  overflow-x: auto;
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
