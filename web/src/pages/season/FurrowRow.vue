<script setup lang="ts">
import { computed } from 'vue'
import type { Furrow, PlanInput, Schemas } from '../../api/client'
import FurrowStrip from '../../furrow/FurrowStrip.vue'
import type { RowHeight } from '../../furrow/heights'
import FurrowLine from './FurrowLine.vue'
import FurrowLabel from './FurrowLabel.vue'
import FurrowOdds from './FurrowOdds.vue'
import type { Proposal } from '../../season'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'

const props = defineProps<{
  furrow: Furrow
  shape?: Schemas['CropShape']
  start: string
  today: string
  labelWidth: number
  width: number
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
        :height="84"
        :movable="movable"
        :proposed="!!proposal"
        @move="$emit('move', $event)"
        @keep="$emit('keep')"
        @drop="$emit('drop')"
        @edge="$emit('edge', $event)"
      />
      <div v-if="proposal" class="changes" role="status">
        {{ sentence(proposal.changes.map((c) => session.reason(c)).join(' · ')) }}
      </div>
    </div>
    <FurrowOdds
      class="odds"
      :style="narrow ? {} : { width: oddsWidth + 'px' }"
      :furrow="furrow"
      :narrow="narrow"
    />
  </div>
</template>

<style scoped>
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
.narrow {
  display: grid;
  grid-template-columns: 1fr auto;
  height: 152px;
  gap: 0 8px;
}
.narrow .label {
  grid-column: 1;
  padding: 0;
  align-self: start;
  min-width: 0;
}
.narrow .odds {
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
.narrow .changes {
  left: 0;
  max-width: 100%;
}
</style>
