<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { api, ask, type Schemas } from '../api/client'
import FigureField from '../parts/FigureField.vue'
import { useSession } from '../session'
import { notice } from '../shell/notice'
import CrewCard from './work/CrewCard.vue'
import DayList from './work/DayList.vue'
import LaneChart from './work/LaneChart.vue'
import OddsCard from './work/OddsCard.vue'
import ProposalCard from './work/ProposalCard.vue'

/** The work: today and the next days, laying it out, the rush, and the odds. */
const session = useSession()
const work = ref<Schemas['WorkView'] | null>(null)
const run = ref<Schemas['RunView'] | null>(null)
const trouble = ref('')
const seconds = ref(6)
const goal = ref<number | undefined>(400)
const stamp = ref(0)
const dismissed = ref('')
const params = () => ({ path: { farmId: session.farm?.id ?? '' } })
let timer: ReturnType<typeof setTimeout> | undefined

const active = computed(() => run.value?.state === 'waiting' || run.value?.state === 'running')
const proposal = computed(() =>
  run.value && !active.value && run.value.id !== dismissed.value ? run.value.proposal : undefined,
)

async function load() {
  try {
    work.value = await ask(api.GET('/api/farms/{farmId}/rota', { params: params() }))
    await look()
  } catch (e) {
    trouble.value = (e as Error).message
  }
}
async function look() {
  clearTimeout(timer)
  const got = await ask(api.GET('/api/farms/{farmId}/rota/run', { params: params() }))
  run.value = got.run ?? null
  if (active.value) timer = setTimeout(() => void look(), 500)
}
onMounted(() => {
  dismissed.value = sessionStorage.getItem('proposal-seen') ?? ''
  void load()
})
onBeforeUnmount(() => clearTimeout(timer))

async function layOut() {
  try {
    run.value = await ask(
      api.POST('/api/farms/{farmId}/rota/run', {
        params: params(),
        body: { seconds: seconds.value, goalUsdPerHa: goal.value },
      }),
    )
    timer = setTimeout(() => void look(), 300)
  } catch (e) {
    notice.show((e as Error).message)
  }
}
async function stop() {
  if (!run.value) return
  await ask(
    api.POST('/api/farms/{farmId}/rota/run/{runId}/stop', {
      params: { path: { ...params().path, runId: run.value.id } },
    }),
  )
}
function dismiss() {
  dismissed.value = run.value?.id ?? ''
  sessionStorage.setItem('proposal-seen', dismissed.value)
}
async function keep(keys: string[] | undefined) {
  if (!run.value) return
  try {
    work.value = await ask(
      api.POST('/api/farms/{farmId}/rota/keep', {
        params: params(),
        body: { runId: run.value.id, keys },
      }),
    )
    dismiss()
    stamp.value++
    notice.show(keys ? `${keys.length} jobs kept.` : 'The plan is kept.', 'Undo', undo)
  } catch (e) {
    notice.show((e as Error).message)
  }
}
async function undo() {
  const got = await ask(api.POST('/api/farms/{farmId}/rota/undo', { params: params() }))
  if (!got.undone) notice.show('There is nothing to undo.')
  await load()
  stamp.value++
}
function took(now: Schemas['WorkView']) {
  work.value = now
  stamp.value++
}
const print = () => window.print()
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <div class="grow">
        <h1>Work</h1>
        <p class="muted">Who does what, with what, when. Lay it out, argue with it, log it.</p>
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

    <section v-if="active && run" class="card mb-4" role="status">
      <div class="row">
        <p class="grow">
          {{ run.state === 'waiting' ? 'Waiting for its turn' : 'Laying out the work' }}, asked by
          {{ run.askedBy
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
      :movable="session.owner"
      :goal-usd-per-ha="goal ?? 0"
      @keep="keep"
      @dismiss="dismiss"
    />

    <div v-if="work" class="grid">
      <DayList :work="work" :movable="session.operator" :owner="session.owner" @changed="took" />
      <div class="side">
        <OddsCard v-if="work.items.length" :stamp="stamp" />
        <LaneChart v-if="proposal" :lanes="proposal.lanes" :start="proposal.start" />
        <CrewCard />
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
    display: block;
  }
  .side {
    display: none;
  }
}
</style>
