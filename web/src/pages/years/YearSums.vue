<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'

/** The farm's seasons in acres, over their columns. */
const props = defineProps<{
  sums: Schemas['YearSum'][]
  thisSeason: number
  label: number
  width: number
}>()
const session = useSession()
const share = (s: Schemas['YearSum'], ha: number) => `${(100 * ha) / Math.max(1e-9, s.totalHa)}%`
const width = () => `${props.width / props.sums.length}px`
</script>

<template>
  <div class="sums">
    <div v-if="label" class="what muted" :style="{ width: `${label}px` }">
      <span>under cover</span><span>green in winter</span>
    </div>
    <div
      v-for="s in sums"
      :key="s.season"
      class="sum"
      :class="{ now: s.season === thisSeason }"
      :style="{ width: width() }"
    >
      <strong>{{ s.season }}–{{ String(s.season + 1).slice(2) }}</strong>
      <span class="bar" :title="`${session.amount(s.coverHa, 'HA')} under cover`">
        <i class="cover" :style="{ width: share(s, s.coverHa) }" />
        <b>{{ session.amount(s.coverHa, 'HA') }}</b>
      </span>
      <span class="bar" :title="`${session.amount(s.greenInWinterHa, 'HA')} green in winter`">
        <i class="green" :style="{ width: share(s, s.greenInWinterHa) }" />
        <b>{{ session.amount(s.greenInWinterHa, 'HA') }}</b>
      </span>
      <span class="crops muted">
        <span v-for="c in s.crops" :key="c.name"
          >{{ c.name }} {{ session.amount(c.areaHa, 'HA') }}</span
        >
        <span v-if="!s.crops.length">no crops said yet</span>
      </span>
      <span v-if="s.broken" class="rust">{{ s.broken }} to look at</span>
    </div>
  </div>
</template>

<style scoped>
.sums {
  display: flex;
  border-bottom: 2px solid var(--line);
  padding-bottom: 6px;
}
.what {
  flex: none;
  display: flex;
  flex-direction: column;
  gap: 3px;
  padding-top: 24px;
  font-size: 0.82rem;
}
.sum {
  flex: none;
  display: flex;
  flex-direction: column;
  gap: 3px;
  padding: 2px 8px 0;
  border-left: 1px solid var(--rule);
  font-size: 0.82rem;
  min-width: 0;
}
.sum.now strong {
  color: var(--rust);
}
.bar {
  position: relative;
  height: 18px;
  background: var(--soil-band);
  border-radius: 4px;
  overflow: hidden;
}
.bar i {
  position: absolute;
  inset: 0 auto 0 0;
}
.cover {
  background: var(--leaf-fan);
}
.green {
  background: var(--crop-green);
}
.bar b {
  position: relative;
  padding-left: 6px;
  font-weight: 560;
}
.crops {
  display: flex;
  flex-direction: column;
}
</style>
