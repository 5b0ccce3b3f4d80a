<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import AxisHead from '../../furrow/axis/AxisHead.vue'
import AxisHours from '../../furrow/axis/AxisHours.vue'
import type { Level } from '../../furrow/axis/zoom'
import { useZoom } from '../../furrow/axis/useZoom'
import { within, x } from '../../furrow/scale'
import { useRoom } from '../../parts/paper'
import { useSession } from '../../session'
import type { Item } from './days'
import { workBounds, workLanes } from './workLanes'

/** The kept work along its days, on the axis that fields and the season have. */
const props = defineProps<{ work: Schemas['WorkView']; by: 'machine' | 'person' }>()
const LEVELS: readonly Level[] = ['season', 'month', 'days']
/** A row's height and a bar's, a lane's name and what stands under it; hours' height, px. */
const [ROW, BAR, NAME, GAP, HOURS, WIDE] = [15, 10, 15, 6, 138, 900] as const
const router = useRouter()
const session = useSession()
const holder = useTemplateRef<HTMLElement>('holder')
const width = useRoom(holder, WIDE)
const bounds = computed(() => workBounds(props.work.items, props.work.today))
const zoom = useZoom(holder, {
  season: bounds,
  bounds,
  anchor: computed(() => props.work.today),
  today: computed(() => props.work.today),
  first: 'month',
})
const { view, level } = zoom
const { data: hours } = useRead('/api/farms/{farmId}/hours', () =>
  level.value === 'days' ? {} : null,
)
const scale = computed(() => ({ ...(view.value ?? bounds.value), width: width.value }))
const top = computed(() => (level.value === 'days' ? HOURS : 0))
/** Among hours a job says how many it takes; of a whole season there is no room for names. */
const named = computed(() => {
  if (level.value === 'season') return undefined
  return (item: Item, hours: number) =>
    level.value === 'days' ? `${item.field}, ${session.amount(hours, 'HOURS')}` : item.field
})
const lanes = computed(() => {
  let y = top.value
  return workLanes(props.work.items, props.by, scale.value, named.value).map((l) => {
    const at = y
    y += NAME + l.rows * ROW + GAP
    return { ...l, at }
  })
})
const tall = computed(() =>
  lanes.value.reduce((sum, l) => sum + NAME + l.rows * ROW + GAP, top.value + GAP),
)
const open = (fieldId: string) => void router.push(`/fields/${fieldId}`)
</script>

<template>
  <section class="card mb-3 whole">
    <h2>The work on its days</h2>
    <div
      ref="holder"
      class="axis"
      tabindex="0"
      role="group"
      aria-label="The work’s days: plus and minus look closer and farther away, arrows move along"
    >
      <template v-if="view">
        <AxisHead
          :view="view"
          :level="level"
          :levels="LEVELS"
          :width="width"
          @go="zoom.go"
          @closer="zoom.closer"
          @farther="zoom.farther"
        />
        <svg :width="width" :height="tall">
          <AxisHours v-if="level === 'days'" :hours="hours?.hours ?? []" :scale="scale" :y="0" />
          <path
            v-if="within(scale, work.today)"
            :d="`M${x(scale, work.today)},0v${tall}`"
            class="today"
          />
          <g v-for="l in lanes" :key="l.name">
            <path :d="`M0,${l.at + 0.5}H${width}`" class="rule" />
            <text x="2" :y="l.at + NAME - 4" class="lane">{{ l.name }}</text>
            <g
              v-for="s in l.stints"
              :key="s.id"
              class="stint"
              role="button"
              tabindex="0"
              :aria-label="s.said"
              :transform="`translate(0,${l.at + NAME + s.row * ROW})`"
              @click="open(s.fieldId)"
              @keydown.enter="open(s.fieldId)"
            >
              <title>{{ s.said }}</title>
              <rect :x="s.left" :width="s.width" :height="BAR" rx="2" class="meant" />
              <rect v-if="s.done" :x="s.left" :width="s.done" :height="BAR" rx="2" class="done" />
              <text :x="s.nameAt" :y="BAR - 1" :class="{ inside: s.nameAt < s.left + s.width }">
                {{ s.name }}
              </text>
            </g>
          </g>
        </svg>
        <p v-if="!lanes.length" class="muted small">No work lies on these days.</p>
      </template>
    </div>
  </section>
</template>

<style scoped>
.axis {
  overflow: hidden;
  touch-action: pan-y;
  cursor: grab;
  user-select: none;
}
.axis:focus-visible {
  outline: 2px solid var(--sky);
  outline-offset: 4px;
  border-radius: 6px;
}
svg {
  display: block;
}
.today {
  stroke: var(--rust);
  stroke-width: 1.4;
}
.rule {
  stroke: var(--rule);
}
text {
  font-size: 11px;
  fill: var(--ink);
  paint-order: stroke;
  stroke: color-mix(in srgb, rgb(var(--v-theme-surface)) 70%, transparent);
  stroke-width: 2px;
}
.inside {
  stroke: none;
}
.lane {
  fill: var(--muted);
}
.stint {
  cursor: pointer;
}
.stint:focus-visible {
  outline: none;
}
.stint:focus-visible .meant,
.stint:hover .meant {
  stroke: var(--ink);
  stroke-dasharray: none;
}
.meant {
  fill: var(--leaf-fan);
  stroke: color-mix(in srgb, var(--soil) 60%, var(--leaf-fan));
  stroke-dasharray: 3 2;
}
.done {
  fill: var(--soil);
}
</style>
