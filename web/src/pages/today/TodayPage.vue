<script setup lang="ts">
import { computed } from 'vue'
import { useRead } from '../../farm/data'
import { seasonLooked } from '../../farm/now'
import { waiting } from '../../outbox'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSession } from '../../session'
import { useUnsaid } from '../../catchUp'
import { sayFullDay } from '../../words/days'
import MorningList from '../field-work/MorningList.vue'
import UnsaidLine from '../season/UnsaidLine.vue'
import ChangedCard from './ChangedCard.vue'
import DecideCard from './DecideCard.vue'
import { decisions } from './decide'
import { useDone } from './useDone'

/** What the day asks: decisions, jobs in order, what changed, what waits to be sent. */
const session = useSession()
// Whatever season was looked at: a day belongs to its own.
seasonLooked.value = null
const { data: season, trouble, again } = useRead('/api/farms/{farmId}/season')
const { data: work } = useRead('/api/farms/{farmId}/field-work')
const { data: unsaid } = useUnsaid()
const { done } = useDone()
const today = computed(() => session.farm?.today ?? '')
const stamp = computed(() =>
  JSON.stringify(work.value?.items.map((i) => [i.id, i.shareDone, i.startOn]) ?? []),
)
const count = (n: number, one: string, more: string) => (n ? `${n} ${n === 1 ? one : more}` : '')
const headline = computed(() => {
  const open = (work.value?.items ?? []).filter(
    (i) => i.shareDone < 1 && i.segments.some((s) => s.day === today.value),
  )
  const parts = [
    season.value && count(decisions(season.value.furrows).length, 'thing', 'things'),
    count(open.length, 'job', 'jobs'),
    count(unsaid.value?.length ?? 0, 'thing unsaid', 'things unsaid'),
  ]
  const [decide, ...rest] = parts
  return [decide && `${decide} to decide`, ...rest].filter(Boolean).join(' · ')
})
</script>

<template>
  <div class="page">
    <header class="mb-3">
      <h1>{{ sayFullDay(today) }}</h1>
      <p class="muted">{{ headline || (season ? 'Nothing is asked of you today.' : '') }}</p>
    </header>
    <ReadTrouble what="The day" :trouble="trouble" @again="again" />
    <p v-if="season && !season.furrows.length" class="card mb-3">
      No fields yet. <router-link to="/fields/import">Import boundaries</router-link> or
      <router-link to="/fields/new">add a field</router-link>.
    </p>
    <p v-if="waiting.length" class="card mb-3 rust" role="status">
      No signal: {{ waiting.length }} {{ waiting.length === 1 ? 'entry waits' : 'entries wait' }} on
      this device and will be sent.
    </p>
    <UnsaidLine />
    <div class="day" :class="{ worker: !session.owner }">
      <div class="main">
        <DecideCard v-if="season && session.owner" :view="season" />
        <MorningList
          v-if="work?.items.length"
          :today="today"
          :stamp="stamp"
          title="Today’s work"
          :mine="session.state?.name"
          :movable="session.operator"
          @done="(id, field) => done(id, field)"
        />
        <section v-else-if="work" class="card">
          <h2 class="mb-1">Today’s work</h2>
          <p class="muted">
            Nothing is laid out.
            <router-link v-if="session.owner" to="/work">Lay out the work</router-link>
          </p>
        </section>
        <DecideCard v-if="season && !session.owner" :view="season" />
      </div>
      <ChangedCard />
    </div>
  </div>
</template>

<style scoped>
.day {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 16px;
  align-items: start;
}
.main {
  display: flex;
  flex-direction: column;
  gap: 16px;
  min-width: 0;
}
@media (max-width: 1100px) {
  .day {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
