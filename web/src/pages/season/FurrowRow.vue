<script setup lang="ts">
import { computed } from 'vue'
import type { Furrow, PlanInput, Schemas } from '../../api/client'
import FurrowJobs from '../../furrow/FurrowJobs.vue'
import FurrowStrip from '../../furrow/FurrowStrip.vue'
import type { RowHeight } from '../../furrow/heights'
import type { View } from '../../furrow/axis/zoom'
import { x } from '../../furrow/scale'
import FurrowLine from './FurrowLine.vue'
import FurrowLabel from './FurrowLabel.vue'
import FurrowOdds from './FurrowOdds.vue'
import type { OpenField } from './openWays'
import type { Proposal } from '../../season'
import { useSession } from '../../session'
import { useJobs } from './useJobs'
import { sentence } from '../../words/reasons'

const props = defineProps<{
  furrow: Furrow
  /** How it is open to the way of seeding it stands under. */
  open?: OpenField
  shape?: Schemas['CropShape']
  start: string
  today: string
  labelWidth: number
  width: number
  /** The part of the season that is looked at. */
  view?: View
  oddsWidth: number
  rows: RowHeight
  height: number
  proposal?: Proposal
  chosen: boolean
  movable: boolean
}>()
defineEmits<{
  move: [plan: PlanInput]
  keep: []
  drop: []
  choose: [on: boolean]
  edge: [reason: Schemas['ReasonView'] | null]
}>()
const session = useSession()
/** Under the ground, where the window of another way than the planned one lies, px. */
const UNDER = 77
const jobs = useJobs(props)
const narrow = computed(() => props.labelWidth === 0)
</script>

<template>
  <FurrowLine v-if="rows !== 'tall'" v-bind="props" @choose="$emit('choose', $event)" />
  <div v-else class="furrow" :class="{ narrow, proposal }">
    <FurrowLabel
      class="label"
      :style="narrow ? {} : { width: labelWidth + 'px' }"
      :furrow="furrow"
      :chosen="chosen"
      :narrow="narrow"
      @choose="$emit('choose', $event)"
    />
    <div class="pic">
      <FurrowStrip
        :furrow="furrow"
        :shape="shape"
        :start="start"
        :today="today"
        :width="width"
        :view="view"
        :height="84"
        :movable="movable"
        :proposed="!!proposal"
        @move="$emit('move', $event)"
        @keep="$emit('keep')"
        @drop="$emit('drop')"
        @edge="$emit('edge', $event)"
      >
        <template #over="{ scale }">
          <FurrowJobs :jobs="jobs" :scale="scale" :named="!!view" />
          <rect
            v-if="open && !open.mine"
            :x="x(scale, open.opens)"
            :y="UNDER"
            :width="x(scale, open.closes) - x(scale, open.opens)"
            height="4"
            class="open"
          />
        </template>
      </FurrowStrip>
      <div v-if="proposal" class="changes" role="status">
        {{ sentence(proposal.changes.map((c) => session.reason(c)).join(' · ')) }}
      </div>
    </div>
    <FurrowOdds
      class="odds"
      :style="narrow ? {} : { width: oddsWidth + 'px' }"
      :furrow="furrow"
      :open="open"
      :narrow="narrow"
    />
  </div>
</template>

<style scoped>
.open {
  fill: var(--leaf-fan);
}
.furrow {
  display: flex;
  gap: 8px;
  align-items: flex-end;
  height: 104px;
  padding: 4px 0 6px;
  border-bottom: 1px solid var(--rule);
  overflow: hidden;
}
@media print {
  .furrow {
    height: auto;
    break-inside: avoid;
  }
}
.furrow.proposal {
  background: rgb(var(--v-theme-surface));
}
.label {
  flex: none;
  align-self: center;
  padding-right: 12px;
}
.pic {
  position: relative;
  flex: 1 1 auto;
  min-width: 0;
}
.changes {
  position: absolute;
  left: 22%;
  top: 0;
  background: var(--soil);
  color: #f4efe6;
  border-radius: 8px;
  padding: 5px 11px;
  font-size: 0.85rem;
  max-width: 56%;
  pointer-events: none;
}
.odds {
  flex: none;
  align-self: center;
  padding-left: 12px;
}
.furrow.narrow {
  display: grid;
  grid-template-columns: 1fr auto;
  height: 152px;
  gap: 0 8px;
}
.furrow.narrow .label {
  grid-column: 1;
  padding: 0;
  align-self: start;
  min-width: 0;
}
.furrow.narrow .odds {
  grid-column: 2;
  grid-row: 1;
  align-self: start;
  max-width: 112px;
  text-align: right;
  padding: 0;
}
.pic {
  grid-column: 1 / -1;
}
.furrow.narrow .changes {
  left: 0;
  max-width: 100%;
}
</style>
