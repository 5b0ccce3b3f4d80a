<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { area, line } from '../../charts/axes'
import { useSession } from '../../session'
import { between, sayDay } from '../../words/days'

/** What the cover frees, or ties up, week by week after its ending. */
const props = defineProps<{ weeks: Schemas['NitrogenWeek'][]; plantOn: string; crop: string }>()
const session = useSession()
const [W, H, LEFT, FOOT, TOP] = [420, 130, 64, 22, 10]
const first = computed(() => props.weeks[0]!.on)
const last = computed(() => props.weeks.at(-1)!.on)
const x = (day: string) =>
  LEFT + (between(first.value, day) / (between(first.value, last.value) || 1)) * (W - LEFT - 12)
const least = computed(() => Math.min(0, ...props.weeks.map((w) => w.low)))
const most = computed(() => Math.max(1, ...props.weeks.map((w) => w.high)))
const y = (kg: number) => TOP + ((most.value - kg) / (most.value - least.value)) * (H - TOP - FOOT)
const edge = (of: 'low' | 'middle' | 'high') => props.weeks.map((w) => [x(w.on), y(w[of])] as const)
const kg = (value: number) => session.amount(value, 'KG_PER_HA')
const planted = computed(() =>
  props.plantOn >= first.value && props.plantOn <= last.value ? x(props.plantOn) : null,
)
const end = computed(() => props.weeks.at(-1)!)
const months = computed(() => props.weeks.filter((_, i) => i % 3 === 0))
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${H}`"
    role="img"
    :aria-label="`By ${sayDay(end.on)} ${kg(end.low)} to ${kg(end.high)}, ${kg(end.middle)} in the middle`"
  >
    <path :d="area(edge('high'), edge('low'))" class="fan" />
    <path :d="line(edge('middle'))" class="middle" />
    <line :x1="LEFT" :x2="W - 12" :y1="y(0)" :y2="y(0)" class="nought" />
    <text :x="LEFT - 6" :y="y(0) + 4" text-anchor="end">0</text>
    <text :x="LEFT - 6" :y="y(end.middle) + 4" text-anchor="end">{{ kg(end.middle) }}</text>
    <template v-if="planted !== null">
      <line :x1="planted" :x2="planted" :y1="TOP" :y2="H - FOOT" class="plant" />
      <text :x="planted + 4" :y="TOP + 8">{{ crop }} planted</text>
    </template>
    <text v-for="w in months" :key="w.on" :x="x(w.on)" :y="H - 6" text-anchor="middle">
      {{ sayDay(w.on) }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 560px;
  margin-top: 10px;
}
.fan {
  fill: var(--leaf-fan);
  opacity: 0.7;
}
.middle {
  fill: none;
  stroke: var(--leaf);
  stroke-width: 2;
}
.nought {
  stroke: var(--rule);
}
.plant {
  stroke: var(--sky);
  stroke-dasharray: 4 3;
}
text {
  font-size: 11px;
  fill: var(--muted);
}
</style>
