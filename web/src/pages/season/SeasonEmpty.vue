<script setup lang="ts">
import type { SeasonView } from '../../api/client'
import { useSession } from '../../session'

/** What is missing before the season says anything: fields, weather, enough years of it. */
defineProps<{ view: SeasonView }>()
const session = useSession()
</script>

<template>
  <div v-if="!view.furrows.length" class="card empty">
    <h2>No fields yet</h2>
    <p class="my-2">
      Bring the boundaries of one or two fields, or add a field by name and area. Then give the farm
      a weather station: windows and odds come from its years.
    </p>
    <div class="row">
      <v-btn color="primary" to="/fields/import">Import boundaries</v-btn>
      <v-btn variant="outlined" to="/fields/new">Add a field</v-btn>
      <v-btn variant="outlined" to="/weather">Weather station</v-btn>
    </div>
  </div>
  <p v-else-if="!view.weather" class="card ma-4">
    There is no weather yet, so no windows and no odds.
    <router-link to="/weather">Add a station</router-link> with at least one past year, from January
    to the August after.
  </p>
  <p v-else-if="view.years < session.usual('fewYears')" class="muted few">
    Odds rest on {{ view.years }} {{ view.years === 1 ? 'year' : 'years' }} only: they need more.
    <router-link to="/weather">Import more days</router-link>
  </p>
</template>

<style scoped>
.empty {
  max-width: 620px;
  margin: 24px auto;
}
</style>
