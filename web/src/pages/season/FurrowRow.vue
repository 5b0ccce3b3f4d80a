<script setup lang="ts">
import { computed } from 'vue'
import type { Furrow, PlanInput, Schemas } from '../../api/client'
import FurrowStrip from '../../furrow/FurrowStrip.vue'
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
const pressing = computed(() => ['MISSED', 'CLOSING'].includes(props.furrow.next.kind))
</script>

<template>
  <div class="furrow" :class="{ narrow, proposal }">
    <div class="label" :style="narrow ? {} : { width: labelWidth + 'px' }">
      <div class="name">
        <input
          type="checkbox"
          :checked="chosen"
          :aria-label="`Choose ${furrow.name}`"
          @change="$emit('choose', ($event.target as HTMLInputElement).checked)"
        />
        <router-link :to="'/fields/' + furrow.fieldId">{{ furrow.name }}</router-link>
        <span class="area">{{ session.amount(furrow.areaHa, 'HA') }}</span>
      </div>
      <div class="muted line">
        {{ furrow.crop }} → {{ furrow.nextCrop
        }}<template v-if="furrow.goal"> · {{ furrow.goal.label }}</template>
      </div>
      <div v-if="furrow.plan" class="line" :class="{ one: pressing }">{{ furrow.coverWords }}</div>
      <div v-if="pressing || !furrow.plan" class="line" :class="{ rust: pressing }">
        {{ sentence(session.reason(furrow.next.reason)) }}
      </div>
    </div>
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
    <div class="odds" :style="narrow ? {} : { width: oddsWidth + 'px' }">
      <template v-if="furrow.goal">
        <div class="big" :class="{ rust: furrow.goal.poor }">
          {{ furrow.goal.met }} of {{ furrow.goal.years }} <small>years</small>
        </div>
        <div class="muted small" :title="furrow.goal.measure">
          ≥ {{ session.amount(furrow.goal.target, furrow.goal.unit) }},
          {{ furrow.goal.measure }}
        </div>
      </template>
      <div
        v-if="furrow.warnings.length > 1"
        class="rust small"
        :title="furrow.warnings.map((w) => session.reason(w)).join('\n')"
      >
        {{ furrow.warnings.length }} things to look at
      </div>
    </div>
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
.furrow.proposal {
  background: rgb(var(--v-theme-surface));
}
.label {
  flex: none;
  align-self: center;
  padding-right: 12px;
}
.name {
  display: flex;
  gap: 7px;
  align-items: baseline;
  font-weight: 650;
}
.name a {
  color: inherit;
  text-decoration: none;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.name a:hover {
  text-decoration: underline;
}
.name input {
  accent-color: var(--leaf);
  flex: none;
  align-self: center;
}
.area {
  margin-left: auto;
  color: var(--muted);
  font-weight: 400;
  font-size: 0.84rem;
  white-space: nowrap;
}
.line {
  font-size: 0.83rem;
  line-height: 1.28;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
  padding-left: 20px;
}
.line.one {
  -webkit-line-clamp: 1;
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
.big {
  font-weight: 690;
  font-size: 1.05rem;
}
.big small {
  font-weight: 400;
  font-size: 0.78rem;
}
.small {
  font-size: 0.78rem;
  line-height: 1.25;
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
.narrow .line {
  -webkit-line-clamp: 1;
}
.narrow .odds {
  grid-column: 2;
  grid-row: 1;
  align-self: start;
  max-width: 112px;
  text-align: right;
  padding: 0;
}
.narrow .odds .small {
  display: none;
}
.narrow .line.one {
  -webkit-line-clamp: 1;
}
.pic {
  grid-column: 1 / -1;
}
.narrow .changes {
  left: 0;
  max-width: 100%;
}
</style>
