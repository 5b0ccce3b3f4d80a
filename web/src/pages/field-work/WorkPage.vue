<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { place, useRead } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import UnsaidLine from '../season/UnsaidLine.vue'
import CrewCard from './CrewCard.vue'
import DayList from './DayList.vue'
import HireCard from './HireCard.vue'
import LaneChart from './LaneChart.vue'
import MorningList from './MorningList.vue'
import OddsCard from './OddsCard.vue'
import OwnJobs from './OwnJobs.vue'
import ProposalCard from './ProposalCard.vue'
import RunLine from './RunLine.vue'
import StandsCard from './StandsCard.vue'
import { useRun } from './useRun'
import WorkAxis from './WorkAxis.vue'

/** The work: today and the next days, laying it out, the rush, and the odds. */
const WORK = '/api/farms/{farmId}/field-work'
const session = useSession()
const { data: work, trouble } = useRead(WORK)
// Odds and the rush of what is kept: slow, so after the rest.
const {
  data: odds,
  busy: oddsBusy,
  trouble: oddsTrouble,
} = useRead(`${WORK}/odds`, () => (work.value?.items.length ? {} : null))
const { run, active, open, proposal, layOut, stop, keep, undo, dismiss } = useRun()
const seconds = ref(session.usual('layOutSeconds'))
/** A round sum in the reader's unit: $160 an acre, $400 a hectare. */
const goal = ref<number | undefined>(session.usual('goalWorth'))
const lanes = computed(() => proposal.value ?? odds.value)
const by = ref<'machine' | 'person'>('machine')
const took = (now: Schemas['WorkView']) => void place(WORK, now)
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <div class="grow">
        <h1>Work</h1>
        <p class="muted no-print">
          Who does what, with what, when. Lay it out, argue with it, log it.
        </p>
      </div>
      <v-btn variant="text" class="no-print" @click="undo">Undo</v-btn>
      <v-btn variant="outlined" class="no-print" to="/sheets">Sheets</v-btn>
      <template v-if="session.owner">
        <v-select
          v-model="seconds"
          :items="[2, 6, 15, 30]"
          label="Seconds to look"
          class="no-print seconds"
        />
        <FigureField
          v-model="goal"
          label="Goal reached is worth"
          unit="USD_PER_HA"
          class="no-print goal"
        />
        <v-btn color="primary" class="no-print" :disabled="active" @click="layOut(seconds, goal)"
          >Lay out the work</v-btn
        >
      </template>
    </header>
    <p v-if="trouble" class="card rust mb-3">{{ trouble }}</p>
    <UnsaidLine />

    <RunLine v-if="run" :run="run" @stop="stop" />
    <ProposalCard
      v-if="proposal"
      :key="run?.id"
      :proposal="proposal"
      :run-id="run?.id ?? ''"
      :reasons="run?.reasons ?? []"
      :pins="work?.pins ?? []"
      :movable="session.owner"
      :goal-usd-per-ha="goal ?? 0"
      :since="run?.since ?? []"
      @keep="keep"
      @dismiss="dismiss"
      @changed="took"
    />
    <p v-else-if="open && run?.reasons.length" class="muted small mb-3">
      Looked at again by itself: {{ run.reasons.slice(0, 3).join(' ') }} Nothing needs to move.
    </p>

    <MorningList
      v-if="work?.items.length"
      :today="work.today"
      :stamp="JSON.stringify(work.items.map((i) => [i.id, i.shareDone, i.startOn]))"
    />
    <WorkAxis v-if="work?.items.length" :work="work" :by="by" />
    <div v-if="work" class="grid">
      <DayList
        v-model:by="by"
        :work="work"
        :movable="session.operator"
        :owner="session.owner"
        @changed="took"
      />
      <div class="side">
        <OddsCard
          v-if="work.items.length"
          :odds="odds ?? null"
          :busy="oddsBusy"
          :trouble="oddsTrouble"
        />
        <LaneChart v-if="lanes?.lanes.length" :lanes="lanes.lanes" :start="lanes.start" />
        <StandsCard :movable="session.operator" />
        <OwnJobs :work="work" />
        <CrewCard />
        <HireCard :owner="session.owner" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.seconds {
  flex: 0 0 130px;
}
.goal {
  flex: 0 0 190px;
}
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.side {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
@media (max-width: 900px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .grid {
    display: none;
  }
}
</style>
