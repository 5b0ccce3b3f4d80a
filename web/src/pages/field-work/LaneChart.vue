<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { plus, sayDay } from '../../words/days'

/** The rush: hours asked of each machine and person against hours there are, week by week. */
const props = defineProps<{ lanes: Schemas['LaneView'][]; start: string }>()
const WEEKS = 8
const rows = computed(() =>
  props.lanes.map((l) => ({
    name: l.name,
    person: l.person,
    weeks: Array.from({ length: WEEKS }, (_, w) => {
      const sum = (all: number[]) => all.slice(w * 7, w * 7 + 7).reduce((a, b) => a + b, 0)
      const there = sum(l.there)
      return { asked: sum(l.asked), there, share: there > 0 ? sum(l.asked) / there : 0 }
    }),
  })),
)
const heads = computed(() =>
  Array.from({ length: WEEKS }, (_, w) => sayDay(plus(props.start, w * 7))),
)
</script>

<template>
  <section class="card">
    <h2>The rush</h2>
    <p class="muted small">Hours asked of hours there are, by week.</p>
    <div class="scroll">
      <table class="plain lanes">
        <thead>
          <tr>
            <th></th>
            <th v-for="h in heads" :key="h" class="n">{{ h }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.name">
            <td class="small">{{ r.name }}</td>
            <td
              v-for="(w, i) in r.weeks"
              :key="i"
              class="n cell"
              :class="{ full: w.share > 0.9, half: w.share > 0.6 && w.share <= 0.9 }"
              :title="`${w.asked.toFixed(0)} of ${w.there.toFixed(0)} h`"
            >
              {{ w.asked > 0.05 ? Math.round(w.asked) : '' }}
              <span class="bar" :style="{ width: Math.min(100, 100 * w.share) + '%' }" />
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.lanes th,
.lanes td {
  font-size: 0.8rem;
  padding: 3px 4px;
}
.cell {
  position: relative;
  min-width: 34px;
}
.bar {
  position: absolute;
  left: 0;
  bottom: 0;
  height: 3px;
  background: var(--leaf);
}
.half .bar {
  background: var(--crop-straw);
}
.full .bar {
  background: var(--rust);
}
.full {
  font-weight: 700;
}
</style>
