<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, read } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { onSent } from '../../outbox'
import CrewCard from './CrewCard.vue'
import DayList from './DayList.vue'
import HireCard from './HireCard.vue'
import LaneChart from './LaneChart.vue'
import MorningList from './MorningList.vue'
import MachineSheets from './MachineSheets.vue'
import OddsCard from './OddsCard.vue'
import ProposalCard from './ProposalCard.vue'
import StandsCard from './StandsCard.vue'
import UnsaidLine from '../season/UnsaidLine.vue'

/** The work: today and the next days, laying it out, the rush, and the odds. */
const session = useSession()
const work = ref<Schemas['WorkView'] | null>(null)
const run = ref<Schemas['RunView'] | null>(null)
const trouble = ref('')
const seconds = ref(session.usual('layOutSeconds'))
/** A round sum in the reader's unit: $160 an acre, $400 a hectare. */
const goal = ref<number | undefined>(session.usual('goalWorth'))
const odds = ref<Schemas['OddsView'] | null>(null)
const oddsBusy = ref(false)
const oddsTrouble = ref('')
const dismissed = ref('')
const params = () => ({ path: { farmId: session.farm?.id ?? '' } })
let timer: ReturnType<typeof setTimeout> | undefined

const active = computed(() => run.value?.state === 'waiting' || run.value?.state === 'running')
const open = computed(() =>
  run.value && !active.value && run.value.id !== dismissed.value ? run.value.proposal : undefined,
)
/** What the program laid out by itself is shown only when it would move something. */
const moves = computed(
  () => open.value?.items.some((i) => i.change !== 'same') || open.value?.left.length !== 0,
)
const proposal = computed(() =>
  open.value && (!run.value?.reasons.length || moves.value) ? open.value : undefined,
)

async function load() {
  try {
    work.value = await read('/api/farms/{farmId}/field-work', { ...params() })
    await look()
    await weigh()
  } catch (e) {
    trouble.value = (e as Error).message
  }
}
/** Odds and the rush of what is kept: slow, so after the rest. */
async function weigh() {
  if (!work.value?.items.length) {
    odds.value = null
    return
  }
  oddsBusy.value = true
  try {
    odds.value = await read('/api/farms/{farmId}/field-work/odds', { ...params() })
    oddsTrouble.value = ''
  } catch (e) {
    oddsTrouble.value = (e as Error).message
  } finally {
    oddsBusy.value = false
  }
}
async function look() {
  clearTimeout(timer)
  const got = await read('/api/farms/{farmId}/field-work/run', { ...params() })
  run.value = got.run ?? null
  // The plan may be laid out again by itself: looked for now and then.
  timer = setTimeout(() => void look().catch(() => undefined), active.value ? 500 : 15_000)
}
onMounted(() => {
  dismissed.value = sessionStorage.getItem('proposal-seen') ?? ''
  void load()
})
const forget = onSent(() => void load())
onBeforeUnmount(() => {
  clearTimeout(timer)
  forget()
})

async function layOut() {
  try {
    run.value = await alter('POST', '/api/farms/{farmId}/field-work/run', {
      ...params(),
      body: { seconds: seconds.value, goalUsdPerHa: goal.value },
    })
    clearTimeout(timer)
    timer = setTimeout(() => void look(), 300)
  } catch (e) {
    notice.show((e as Error).message)
  }
}
async function stop() {
  if (!run.value) return
  await alter('POST', '/api/farms/{farmId}/field-work/run/{runId}/stop', {
    path: { ...params().path, runId: run.value.id },
  })
}
function dismiss() {
  dismissed.value = run.value?.id ?? ''
  sessionStorage.setItem('proposal-seen', dismissed.value)
}
async function keep(keys: string[] | undefined) {
  if (!run.value) return
  try {
    work.value = await alter('POST', '/api/farms/{farmId}/field-work/keep', {
      ...params(),
      body: { runId: run.value.id, keys },
    })
    dismiss()
    void weigh()
    notice.show(keys ? `${keys.length} jobs kept.` : 'The plan is kept.', 'Undo', undo)
  } catch (e) {
    notice.show((e as Error).message)
  }
}
async function undo() {
  const got = await alter('POST', '/api/farms/{farmId}/field-work/undo', { ...params() })
  if (!got.undone) notice.show('There is nothing to undo.')
  await load()
}
function took(now: Schemas['WorkView']) {
  work.value = now
  void weigh()
}
const print = () => window.print()
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
      <v-btn variant="outlined" class="no-print" @click="print">Print</v-btn>
      <template v-if="session.owner">
        <v-select
          v-model="seconds"
          :items="[2, 6, 15, 30]"
          label="Seconds to look"
          class="no-print"
          style="flex: 0 0 130px"
        />
        <FigureField
          v-model="goal"
          label="Goal reached is worth"
          unit="USD_PER_HA"
          class="no-print"
          style="flex: 0 0 190px"
        />
        <v-btn color="primary" class="no-print" :disabled="active" @click="layOut"
          >Lay out the work</v-btn
        >
      </template>
    </header>
    <p v-if="trouble" class="card rust mb-3">{{ trouble }}</p>
    <UnsaidLine />

    <section v-if="active && run" class="card mb-4" role="status">
      <div class="row">
        <p class="grow">
          {{ run.state === 'waiting' ? 'Waiting for its turn' : 'Laying out the work'
          }}{{ run.ahead ? `, ${run.ahead} before it` : '' }}, asked by {{ run.askedBy
          }}<template v-if="run.value !== undefined"
            >; the best so far brings <b>{{ session.amount(run.value, 'USD') }}</b></template
          >
        </p>
        <v-btn size="small" variant="outlined" @click="stop">Stop and show</v-btn>
      </div>
      <v-progress-linear :model-value="100 * run.progress" height="6" class="mt-2" />
    </section>
    <section v-else-if="run?.state === 'failed'" class="card mb-4 rust">{{ run.trouble }}</section>
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
    <MachineSheets v-if="work" :work="work" />
    <div v-if="work" class="grid">
      <DayList :work="work" :movable="session.operator" :owner="session.owner" @changed="took" />
      <div class="side">
        <OddsCard v-if="work.items.length" :odds="odds" :busy="oddsBusy" :trouble="oddsTrouble" />
        <LaneChart v-if="proposal" :lanes="proposal.lanes" :start="proposal.start" />
        <LaneChart v-else-if="odds?.lanes.length" :lanes="odds.lanes" :start="odds.start" />
        <StandsCard :movable="session.operator" />
        <CrewCard />
        <HireCard :owner="session.owner" @changed="load" />
      </div>
    </div>
  </div>
</template>

<style scoped>
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
