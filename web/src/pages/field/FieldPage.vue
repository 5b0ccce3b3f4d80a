<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import { type FieldSeason, type PlanInput, type Reason, Refusal } from '../../api/client'
import { alter, consider, read } from '../../farm/data'
import FurrowStrip from '../../furrow/FurrowStrip.vue'
import { useSeason } from '../../season'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { months, plus, sayDay, sayFullDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { x } from '../../furrow/scale'
import AfterEnding from './AfterEnding.vue'
import CoverChoices from './CoverChoices.vue'
import DateOdds from './DateOdds.vue'
import EndingList from './EndingList.vue'
import FieldLog from './FieldLog.vue'
import FeedCard from './FeedCard.vue'
import GrowthChart from './GrowthChart.vue'
import PlanEditor from './PlanEditor.vue'
import PurposeOdds from './PurposeOdds.vue'
import StageOdds from './StageOdds.vue'
import WayTable from './WayTable.vue'
import WindowList from './WindowList.vue'
import { useKinds } from '../../words/kinds'

const session = useSession()
const kinds = useKinds()
const season = useSeason()
const route = useRoute()
const fieldId = computed(() => String(route.params.id))
const stored = ref<FieldSeason | null>(null)
const shown = ref<FieldSeason | null>(null)
const draft = ref<PlanInput | null>(null)
const refused = ref<Refusal | null>(null)
const trouble = ref('')
const edge = ref<Reason | null>(null)
const holder = useTemplateRef<HTMLElement>('holder')
/** Until the page is measured. */
const WIDE = 900
const width = ref(WIDE)
let observer: ResizeObserver | undefined

const path = computed(() => ({ farmId: session.farm?.id ?? '', fieldId: fieldId.value }))
const feeds = computed(
  () => draft.value?.purposes.includes('feedCattle') || !!kinds.ending(draft.value?.ending)?.feeds,
)
const dirty = computed(
  () =>
    draft.value !== null &&
    JSON.stringify(draft.value) !== JSON.stringify(stored.value?.furrow.plan?.plan),
)
const ticks = computed(() => {
  const s = shown.value
  return s ? months(s.start, plus(s.start, 56 * 7 - 6)) : []
})

async function load() {
  trouble.value = ''
  try {
    stored.value = await read('/api/farms/{farmId}/fields/{fieldId}/season', { path: path.value })
    shown.value = stored.value
    draft.value = stored.value.furrow.plan?.plan ?? null
    refused.value = null
    season.view ??= await read('/api/farms/{farmId}/season', {
      path: { farmId: path.value.farmId },
    })
  } catch (e) {
    trouble.value = (e as Error).message
  }
}

let wish: PlanInput | null = null
let asking = false

/** Shows what a plan would do; while one answer is awaited only the newest wish is kept. */
async function propose(plan: PlanInput) {
  draft.value = plan
  wish = plan
  if (asking) return
  asking = true
  try {
    while (wish) {
      const now: PlanInput = wish
      wish = null
      shown.value = await consider('/api/farms/{farmId}/fields/{fieldId}/preview', {
        path: path.value,
        body: now,
      })
      refused.value = null
    }
  } catch (e) {
    refused.value = e as Refusal
  } finally {
    asking = false
  }
}

async function start(purpose: string) {
  try {
    await propose(
      await read('/api/farms/{farmId}/fields/{fieldId}/start', {
        path: path.value,
        query: { purpose },
      }),
    )
  } catch (e) {
    notice.show((e as Error).message)
  }
}

async function save(status: PlanInput['status']) {
  if (!draft.value || !stored.value) return
  const name = stored.value.field.name
  const plan = { ...draft.value, status }
  await store(
    `${name}: plan ${status}`,
    plan,
    status === 'accepted' ? 'Plan accepted.' : 'Plan kept as a proposal.',
  )
}

async function remove() {
  if (!stored.value) return
  await store(`${stored.value.field.name}: plan taken away`, undefined, 'Plan taken away.')
}

async function store(what: string, plan: PlanInput | undefined, said: string) {
  try {
    season.view = await alter('POST', '/api/farms/{farmId}/plans', {
      path: { farmId: path.value.farmId },
      body: {
        what,
        plans: [{ fieldId: fieldId.value, version: stored.value?.furrow.plan?.version, plan }],
      },
    })
    await load()
    notice.show(said, 'Undo', undo)
  } catch (e) {
    const refusal = e as Refusal
    refused.value = refusal
    notice.show(refusal.message, refusal.status === 409 ? 'Show theirs' : '', load)
  }
}

async function undo() {
  const what = await season.undo()
  await load()
  notice.show(what ? `Undone: ${what}.` : 'There is nothing to undo.')
}

function drop() {
  draft.value = stored.value?.furrow.plan?.plan ?? null
  shown.value = stored.value
  refused.value = null
}

function onKey(event: KeyboardEvent) {
  if ((event.target as HTMLElement).closest('input, textarea, select, [role=listbox]')) return
  if (event.key === 'Escape') drop()
  if (event.key === 'u' && !event.ctrlKey && !event.metaKey) void undo()
}

onMounted(() => {
  void load()
  observer = new ResizeObserver((entries) => (width.value = entries[0]?.contentRect.width ?? WIDE))
  if (holder.value) observer.observe(holder.value)
  addEventListener('keydown', onKey)
})
onBeforeUnmount(() => {
  observer?.disconnect()
  removeEventListener('keydown', onKey)
})
</script>

<template>
  <div class="page">
    <div v-if="trouble" class="card">
      <h2>This field cannot be shown</h2>
      <p class="my-2">{{ trouble }}</p>
      <v-btn variant="outlined" @click="load">Try again</v-btn>
    </div>
    <header v-if="shown" class="row mb-2">
      <div class="grow">
        <h1>{{ shown.field.name }}</h1>
        <p class="muted">
          {{ session.amount(shown.field.areaHa, 'HA') }} · {{ shown.furrow.crop }} →
          {{ shown.furrow.nextCrop }}, planted {{ sayDay(shown.furrow.nextPlantOn) }}
          <template v-if="shown.furrow.harvest">
            · field clear about {{ sayDay(shown.furrow.harvest) }}</template
          >
          <template v-if="shown.field.organic"> · organic</template>
        </p>
      </div>
      <v-btn
        v-if="shown.furrow.plan && !shown.furrow.seededOn"
        color="primary"
        :to="`/fields/${fieldId}/job`"
        class="no-print"
        >Seeding job</v-btn
      >
      <v-btn
        v-if="shown.furrow.seededOn"
        variant="outlined"
        :to="`/fields/${fieldId}/walk`"
        class="no-print"
        >Count</v-btn
      >
      <v-btn
        v-if="shown.furrow.plan"
        variant="outlined"
        :to="`/fields/${fieldId}/end`"
        class="no-print"
        >Ending</v-btn
      >
      <v-btn variant="outlined" :to="`/fields/${fieldId}/edit`" class="no-print"
        >Edit the field</v-btn
      >
    </header>

    <div ref="holder" class="card picture">
      <template v-if="shown">
        <div class="months" aria-hidden="true">
          <span
            v-for="t in ticks"
            :key="t.day"
            :style="{ left: x({ start: shown.start, days: 392, width }, t.day) + 'px' }"
            >{{ width < 500 ? t.name.charAt(0) : t.name }}</span
          >
        </div>
        <FurrowStrip
          :furrow="shown.furrow"
          :shape="shown.shape"
          :start="shown.start"
          :today="shown.today"
          :width="width"
          :height="190"
          :movable="session.owner"
          :proposed="dirty"
          large
          @move="propose"
          @keep="save(draft?.status ?? 'proposed')"
          @drop="drop"
          @edge="edge = $event"
        />
      </template>
    </div>

    <div v-if="shown" class="said" role="status">
      <p v-if="edge">{{ sentence(session.reason(edge)) }}</p>
      <p v-else-if="dirty && shown.changes.length">
        <b>Proposed:</b> {{ shown.changes.map((c) => session.reason(c)).join(' · ') }}
      </p>
      <p v-else>
        <b>{{ sentence(shown.furrow.next.label) }}.</b>
        {{ sentence(session.reason(shown.furrow.next.reason)) }}
      </p>
      <ul v-if="shown.furrow.warnings.length" class="warnings">
        <li v-for="(w, i) in shown.furrow.warnings" :key="i" class="rust">
          {{ sentence(session.reason(w)) }}
        </li>
      </ul>
    </div>

    <div v-if="shown" class="grid">
      <PlanEditor
        :plan="draft"
        :shown="shown"
        :dirty="dirty"
        :refused="refused"
        :movable="session.owner"
        @start="start"
        @change="propose"
        @save="save"
        @drop="drop"
        @remove="remove"
      />
      <div class="side">
        <PurposeOdds
          v-if="shown.goals.length"
          :field-id="fieldId"
          :plan="draft"
          :goals="shown.goals"
        />
        <CoverChoices
          v-if="!shown.furrow.seededOn && shown.windows.length"
          :field-id="fieldId"
          :purpose="draft?.purposes[0] ?? 'holdSoil'"
          :stamp="shown.today"
          @pick="propose"
        />
        <WayTable
          v-if="draft && !shown.furrow.seededOn && shown.goals.length && !refused"
          :field-id="fieldId"
          :plan="draft"
          @pick="propose"
        />
        <DateOdds
          v-if="draft && !shown.furrow.seededOn && shown.goals.length && !refused"
          :field-id="fieldId"
          :plan="draft"
          :season-start="shown.start"
          @pick="propose"
        />
        <p v-if="!shown.windows.length" class="card">
          Windows and odds need a weather station with some years of days.
          <router-link to="/weather">Add one</router-link>
        </p>
        <WindowList
          v-else
          :windows="shown.windows"
          :method="draft?.method"
          :today="shown.today"
          :movable="session.owner && !!draft"
          @pick="
            (w) =>
              draft &&
              propose({
                ...draft,
                method: w.method,
                seedOn: w.opens.day > shown!.today ? w.opens.day : shown!.today,
              })
          "
        />
        <EndingList
          v-if="shown.endings.length"
          :endings="shown.endings"
          :way="draft?.ending"
          :movable="session.owner"
          @pick="
            (e) =>
              draft &&
              propose({
                ...draft,
                ending: e.way,
                endOn: e.from > draft.seedOn ? e.from : draft.endOn,
              })
          "
        />
        <AfterEnding
          v-if="draft && shown.goals.length && !refused"
          :field-id="fieldId"
          :plan="draft"
        />
        <FeedCard
          v-if="draft && feeds && shown.goals.length && !refused"
          :field-id="fieldId"
          :plan="draft"
        />
        <GrowthChart v-if="shown.goals.length" :shown="shown" />
        <StageOdds v-if="shown.species.length" :species="shown.species" />
        <FieldLog
          :field-id="fieldId"
          :history="shown.history"
          :today="shown.today"
          :moved="shown.moved"
          :species="draft?.components.map((c) => c.species) ?? []"
          @changed="load"
        />
      </div>
    </div>
    <p v-if="shown" class="printonly">{{ session.farm?.name }}, {{ sayFullDay(shown.today) }}</p>
  </div>
</template>

<style scoped>
.picture {
  padding: 6px 14px 10px;
  overflow: hidden;
}
.months {
  position: relative;
  height: 18px;
  font-size: 12px;
  color: var(--muted);
}
.months span {
  position: absolute;
  padding-left: 4px;
  border-left: 1px solid var(--rule);
}
.said {
  padding: 10px 2px 4px;
  min-height: 54px;
}
.warnings {
  padding-left: 18px;
}
.grid {
  display: grid;
  grid-template-columns: minmax(320px, 400px) 1fr;
  gap: 16px;
  align-items: start;
  margin-top: 6px;
}
.side {
  display: flex;
  flex-direction: column;
  gap: 16px;
  min-width: 0;
}
.printonly {
  display: none;
}
@media (max-width: 900px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
  .picture {
    padding: 4px 6px 8px;
  }
}
@media print {
  .grid {
    display: block;
  }
  .printonly {
    display: block;
  }
}
</style>
