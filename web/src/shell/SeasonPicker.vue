<script setup lang="ts">
import { computed } from 'vue'
import { seasonLooked } from '../farm/now'
import { useSession } from '../session'
import { seasonsAround } from './seasonsAround'

/** Which season is looked at, in this window only; the farm's own day says which is this one. */
const session = useSession()
const now = computed(() => session.farm?.thisSeason ?? 0)
const other = computed(() => session.season !== now.value)
const years = computed(() => seasonsAround(now.value, session.season))
const look = (year: number) => (seasonLooked.value = year === now.value ? null : year)
const say = (year: number) =>
  year === now.value ? 'this season' : year < now.value ? 'as it was' : 'as planned'
</script>

<template>
  <button class="season" :class="{ other }" title="Look at another season" data-test="season">
    {{ session.season }}<span class="wide">–{{ String(session.season + 1).slice(2) }}</span>
    <v-menu activator="parent">
      <v-list density="compact">
        <v-list-item
          v-for="year in years"
          :key="year"
          :active="year === session.season"
          :title="`Season ${year}–${String(year + 1).slice(2)}`"
          :subtitle="say(year)"
          @click="look(year)"
        />
      </v-list>
    </v-menu>
  </button>
  <button v-if="other" class="back" @click="look(now)">this season</button>
</template>

<style scoped>
.season {
  font-size: 0.88rem;
  color: #e8dece;
  border: 1px solid #6d5c4a;
  border-radius: 7px;
  padding: 3px 9px;
  white-space: nowrap;
}
.season.other {
  background: #e3c98e;
  border-color: #e3c98e;
  color: #33281f;
  font-weight: 650;
}
.back {
  font-size: 0.82rem;
  color: #e3c98e;
  text-decoration: underline;
  margin-left: 8px;
  white-space: nowrap;
}
@media (max-width: 700px) {
  .wide,
  .back {
    display: none;
  }
}
</style>
