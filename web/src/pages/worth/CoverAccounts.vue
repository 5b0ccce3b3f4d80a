<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'

/** Every cover's account in a line, what costs most an area first. */
const props = defineProps<{ covers: Schemas['CoverAccountView'][] }>()
const session = useSession()
const FEW = 6
const all = ref(false)
const sorted = computed(() => [...props.covers].sort((a, b) => a.stands - b.stands))
const shown = computed(() => (all.value ? sorted.value : sorted.value.slice(0, FEW)))
const money = (usd: number) => session.amount(usd, 'USD_PER_HA')
const at = (c: Schemas['CoverAccountView']) => ({
  path: `/fields/${c.fieldId}`,
  query: c.link ? { link: c.planId } : {},
})
</script>

<template>
  <div class="mt-4">
    <h3>Cover by cover</h3>
    <table class="plain">
      <thead>
        <tr>
          <th>field</th>
          <th class="wide">cover</th>
          <th class="n wide">planned</th>
          <th class="n">as it stands</th>
          <th class="n wide">on the field</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="c in shown" :key="c.planId">
          <td>
            <router-link :to="at(c)">{{ c.field }}</router-link>
            <span class="muted season">{{ c.season }}</span>
          </td>
          <td class="wide muted">{{ c.cover }}; {{ c.seeding }}; {{ c.ending }}</td>
          <td class="n wide">{{ money(c.planned) }}</td>
          <td class="n">
            <b>{{ money(c.stands) }}</b>
          </td>
          <td class="n wide">{{ session.amount(c.stands * c.areaHa, 'USD') }}</td>
        </tr>
      </tbody>
    </table>
    <v-btn v-if="covers.length > FEW" variant="text" size="small" @click="all = !all">
      {{ all ? 'Only the dearest' : `All ${covers.length}` }}
    </v-btn>
  </div>
</template>

<style scoped>
.season {
  margin-left: 6px;
}
.n {
  white-space: nowrap;
}
@media (max-width: 600px) {
  .wide {
    display: none;
  }
}
</style>
