<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { useDisplay } from 'vuetify'
import type { Furrow, PlanInput, Reason } from '../../api/client'
import FurrowRow from './FurrowRow.vue'
import SeasonAxis from './SeasonAxis.vue'
import RushLine from '../field-work/RushLine.vue'
import PlanSeveral from './PlanSeveral.vue'
import UnsaidLine from './UnsaidLine.vue'
import { grouped, type Grouping } from './grouping'
import { useSeason } from '../../season'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'

const session = useSession()
const season = useSeason()
const { width: screen, smAndDown } = useDisplay()
const words = ref('')
const grouping = ref<Grouping>((localStorage.getItem('grouping') as Grouping) || 'next')
const chosen = ref(new Set<string>())
const several = ref(false)
const trouble = ref('')
const edge = ref<Reason | null>(null)

const labelWidth = computed(() => (smAndDown.value ? 0 : 244))
const oddsWidth = computed(() => (smAndDown.value ? 0 : 150))
const stripWidth = computed(() =>
  Math.max(
    300,
    Math.min(screen.value, 1500) - (smAndDown.value ? 24 : 94) - labelWidth.value - oddsWidth.value,
  ),
)
const rowHeight = computed(() => (smAndDown.value ? 152 : 104))

const furrows = computed(() => (season.view?.furrows ?? []).map((f) => season.shown(f)))
const filtered = computed(() => {
  const wanted = words.value.trim().toLowerCase()
  if (!wanted) return furrows.value
  return furrows.value.filter((f) =>
    `${f.name} ${f.crop} ${f.nextCrop} ${f.coverWords} ${f.goal?.label ?? ''} ${f.next.label}`
      .toLowerCase()
      .includes(wanted),
  )
})
const items = computed(() => grouped(filtered.value, grouping.value))
const total = (list: Furrow[]) => list.reduce((sum, f) => sum + f.areaHa, 0)
const headline = computed(() => {
  const count = (kind: string) => furrows.value.filter((f) => f.next.kind === kind).length
  const closing = count('CLOSING')
  const open = count('SEED_NOW') + closing
  const end = count('END_NOW')
  const missed = count('MISSED')
  const parts = []
  if (open) parts.push(`${open} ${open === 1 ? 'field' : 'fields'} open to seed`)
  if (closing) parts.push(`${closing} close this week`)
  if (end) parts.push(`${end} to end now`)
  if (missed) parts.push(`${missed} too late as planned`)
  return parts.length ? parts.join(', ') : 'Nothing is due today'
})
const totals = computed(() => {
  const planned = furrows.value.filter((f) => f.plan)
  const accepted = planned.filter((f) => f.plan?.plan.status === 'accepted')
  return (
    `${furrows.value.length} ${furrows.value.length === 1 ? 'field' : 'fields'}, ${session.amount(total(furrows.value), 'HA')} · ` +
    `${session.amount(total(planned), 'HA')} with a cover, ${session.amount(total(accepted), 'HA')} accepted`
  )
})

async function guard(work: () => Promise<unknown>) {
  try {
    await work()
  } catch (e) {
    notice.show((e as Error).message)
    season.drop()
  }
}

async function load() {
  trouble.value = ''
  try {
    await season.load()
    performance.mark('first-furrow')
  } catch (e) {
    trouble.value = (e as Error).message
  }
}

function original(furrow: Furrow): Furrow {
  return season.view?.furrows.find((f) => f.fieldId === furrow.fieldId) ?? furrow
}

function move(furrow: Furrow, plan: PlanInput) {
  void guard(() => season.propose(original(furrow), plan))
}

async function keep(fieldId?: string) {
  await guard(async () => {
    await season.keep(fieldId)
    notice.show('Kept.', 'Undo', undo)
  })
}

function undo() {
  void guard(async () => {
    const what = await season.undo()
    notice.show(what ? `Undone: ${what}.` : 'There is nothing to undo.')
  })
}

async function acceptChosen() {
  const plans = furrows.value
    .filter((f) => chosen.value.has(f.fieldId) && f.plan)
    .map((f) => ({ fieldId: f.fieldId, plan: { ...f.plan!.plan, status: 'accepted' as const } }))
  if (!plans.length) return notice.show('None of the chosen fields has a plan to accept.')
  await guard(async () => {
    await season.save(`${plans.length} plans accepted`, plans)
    chosen.value = new Set()
    notice.show(`${plans.length} plans accepted.`, 'Undo', undo)
  })
}

function choose(id: string, on: boolean) {
  const next = new Set(chosen.value)
  if (on) next.add(id)
  else next.delete(id)
  chosen.value = next
}

function setGrouping(value: Grouping) {
  grouping.value = value
  localStorage.setItem('grouping', value)
}

function onKey(event: KeyboardEvent) {
  if ((event.target as HTMLElement).closest('input, textarea, select')) return
  if (event.key === 'u' && !event.ctrlKey && !event.metaKey) undo()
  if (event.key === 'Escape') season.drop()
  if (event.key === 'Enter' && season.proposed && event.target === document.body) void keep()
}

onMounted(() => {
  void load()
  addEventListener('keydown', onKey)
})
onBeforeUnmount(() => {
  removeEventListener('keydown', onKey)
  season.drop()
})
</script>

<template>
  <div class="season">
    <header class="head">
      <div class="grow">
        <h1>{{ headline }}</h1>
        <p class="muted">{{ totals }}</p>
        <RushLine />
      </div>
      <div class="tools no-print">
        <v-text-field
          v-model="words"
          label="Filter"
          class="filter"
          clearable
          @click:clear="words = ''"
        />
        <v-select
          :model-value="grouping"
          label="Group by"
          class="group"
          :items="[
            { title: 'what is next', value: 'next' },
            { title: 'crop', value: 'crop' },
            { title: 'reason', value: 'reason' },
            { title: 'trouble', value: 'trouble' },
            { title: 'name', value: 'name' },
          ]"
          @update:model-value="setGrouping"
        />
        <v-btn variant="text" title="Undo the last change (u)" @click="undo">Undo</v-btn>
      </div>
    </header>

    <div v-if="trouble" class="card ma-4">
      <h2>The season cannot be shown</h2>
      <p class="my-2">{{ trouble }}</p>
      <v-btn variant="outlined" @click="load">Try again</v-btn>
    </div>
    <div v-else-if="season.view && !season.view.furrows.length" class="card empty">
      <h2>No fields yet</h2>
      <p class="my-2">
        Bring the boundaries of one or two fields, or add a field by name and area. Then give the
        farm a weather station: windows and odds come from its years.
      </p>
      <div class="row">
        <v-btn color="primary" to="/fields/import">Import boundaries</v-btn>
        <v-btn variant="outlined" to="/fields/new">Add a field</v-btn>
        <v-btn variant="outlined" to="/weather">Weather station</v-btn>
      </div>
    </div>
    <template v-else-if="season.view">
      <p v-if="!season.view.weather" class="card ma-4">
        There is no weather yet, so no windows and no odds.
        <router-link to="/weather">Add a station</router-link> with at least one past year, from
        January to the August after.
      </p>
      <p v-else-if="season.view.years < 10" class="muted few">
        Odds rest on {{ season.view.years }} {{ season.view.years === 1 ? 'year' : 'years' }} only:
        they need more. <router-link to="/weather">Import more days</router-link>
      </p>
      <UnsaidLine class="unsaid" />
      <SeasonAxis
        :view="season.view"
        :label-width="labelWidth"
        :width="stripWidth"
        :narrow="smAndDown"
      />
      <v-virtual-scroll :items="items" :item-height="rowHeight" class="rows" item-key="key">
        <template #default="{ item }">
          <div v-if="item.group" class="grouphead">
            <h2>{{ item.group }}</h2>
            <span class="muted">{{ item.count }} · {{ session.amount(item.areaHa, 'HA') }}</span>
          </div>
          <FurrowRow
            v-else-if="item.furrow"
            :furrow="item.furrow"
            :shape="season.view.shapes[item.furrow.shape ?? '']"
            :start="season.view.start"
            :today="season.view.farm.today"
            :label-width="labelWidth"
            :width="stripWidth"
            :odds-width="oddsWidth"
            :proposal="season.proposals.get(item.furrow.fieldId)"
            :chosen="chosen.has(item.furrow.fieldId)"
            :movable="session.owner"
            @move="move(item.furrow, $event)"
            @keep="keep(item.furrow.fieldId)"
            @drop="season.drop(item.furrow.fieldId)"
            @choose="choose(item.furrow.fieldId, $event)"
            @edge="edge = $event"
          />
        </template>
      </v-virtual-scroll>
    </template>
    <div v-else class="pa-8 muted">Reading thirty years of weather for your fields …</div>

    <div v-if="edge" class="edge" role="status">{{ session.reason(edge) }}</div>
    <div v-if="season.proposed" class="bar no-print" role="status">
      <b>{{ season.proposed }} {{ season.proposed === 1 ? 'move' : 'moves' }} proposed</b>
      <v-btn color="primary" @click="keep()">Keep (Enter)</v-btn>
      <v-btn variant="text" @click="season.drop()">Drop (Esc)</v-btn>
    </div>
    <div v-else-if="chosen.size" class="bar no-print" role="status">
      <b>{{ chosen.size }} {{ chosen.size === 1 ? 'field' : 'fields' }} chosen</b>
      <v-btn color="primary" @click="acceptChosen">Accept their plans</v-btn>
      <v-btn variant="outlined" @click="several = true">Plan one cover on them</v-btn>
      <v-btn variant="text" @click="chosen = new Set()">Let go</v-btn>
    </div>
    <PlanSeveral
      v-model="several"
      :furrows="furrows.filter((f) => chosen.has(f.fieldId))"
      @saved="((chosen = new Set()), notice.show('Plans proposed.', 'Undo', undo))"
    />
  </div>
</template>

<style scoped>
.season {
  max-width: 1500px;
  margin: 0 auto;
  padding: 14px 20px 0;
}
.head {
  display: flex;
  gap: 16px;
  align-items: flex-start;
  flex-wrap: wrap;
  padding-bottom: 6px;
}
.tools {
  display: flex;
  gap: 8px;
  align-items: center;
}
.filter {
  width: 170px;
}
.group {
  width: 165px;
}
.rows {
  height: calc(100dvh - 52px - 150px);
  margin: 0 -20px;
  padding: 0 20px 70px;
}
.grouphead {
  display: flex;
  gap: 10px;
  align-items: baseline;
  padding: 14px 0 4px;
  border-bottom: 1px solid var(--rule);
}
.grouphead h2 {
  font-size: 0.98rem;
}
.grouphead h2::first-letter {
  text-transform: uppercase;
}
.bar {
  position: fixed;
  left: 50%;
  bottom: 18px;
  transform: translateX(-50%);
  background: rgb(var(--v-theme-surface));
  border: 1.5px solid var(--ink);
  border-radius: 12px;
  padding: 10px 14px;
  display: flex;
  gap: 12px;
  align-items: center;
  z-index: 20;
  box-shadow: 0 8px 28px rgb(0 0 0 / 0.2);
  white-space: nowrap;
}
.edge {
  position: fixed;
  bottom: 20px;
  left: 24px;
  max-width: 520px;
  background: var(--soil);
  color: #f4efe6;
  border-radius: 10px;
  padding: 10px 14px;
  z-index: 30;
  pointer-events: none;
}
.empty {
  max-width: 620px;
  margin: 24px auto;
}
@media (max-width: 700px) {
  .season {
    padding: 10px 12px 0;
  }
  .rows {
    margin: 0 -12px;
    padding: 0 12px 90px;
    height: calc(100dvh - 52px - 58px - 190px);
  }
  .tools {
    width: 100%;
  }
  .filter,
  .group {
    flex: 1 1 0;
    width: auto;
  }
  .bar {
    bottom: 66px;
    white-space: normal;
    flex-wrap: wrap;
    width: calc(100vw - 24px);
  }
  .edge {
    bottom: 70px;
    left: 12px;
    right: 12px;
  }
}
@media print {
  .rows {
    height: auto;
  }
}
</style>
