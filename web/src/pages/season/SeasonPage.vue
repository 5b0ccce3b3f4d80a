<script setup lang="ts">
import { useEventListener, useStorage } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { Furrow, PlanInput, Reason } from '../../api/client'
import { useRead } from '../../farm/data'
import LongList from '../../parts/LongList.vue'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSeason } from '../../season'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import RushLine from '../field-work/RushLine.vue'
import ChangeSeveral from './ChangeSeveral.vue'
import FurrowRow from './FurrowRow.vue'
import GroupHead from './GroupHead.vue'
import { heightPx, type RowHeight } from '../../furrow/heights'
import PlanSeveral from './PlanSeveral.vue'
import SeasonAxis from './SeasonAxis.vue'
import SeasonBar from './SeasonBar.vue'
import SeasonEmpty from './SeasonEmpty.vue'
import SeasonTools from './SeasonTools.vue'
import UnsaidLine from './UnsaidLine.vue'
import { provideLens } from './useLens'
import { useSeasonRows } from './useSeasonRows'
import { useWidths } from './useWidths'

/** All fields' seasons under each other, grouped by what is next; marks are moved, kept or dropped. */
const session = useSession()
const season = useSeason()
const { undo } = season
const { data: view, trouble, again } = useRead('/api/farms/{farmId}/season')
const rows = useSeasonRows(view)
const { words, grouping, chosen, picked, items, totals, headline, sum } = rows
const several = ref(false)
const changing = ref(false)
const edge = ref<Reason | null>(null)
watch(view, (now) => now && performance.mark('first-furrow'), { once: true })

const { narrow, labelWidth, oddsWidth, stripWidth } = useWidths()
provideLens()
const tall = useStorage<RowHeight>('season-rows', 'tall')
const rowHeight = computed(() => heightPx(tall.value, narrow.value))

/** Shows a move; one that cannot be is said and taken back. */
function move(furrow: Furrow, plan: PlanInput) {
  const original = view.value?.furrows.find((f) => f.fieldId === furrow.fieldId) ?? furrow
  void attempt(
    () => season.propose(original, plan),
    (refusal) => {
      season.drop(furrow.fieldId)
      notice.show(refusal.message)
    },
  )
}
const keep = (fieldId?: string) =>
  attempt(async () => {
    await season.keep(fieldId)
    notice.show('Kept.', 'Undo', undo)
  })
const acceptChosen = () =>
  attempt(async () => {
    const plans = picked.value.flatMap((f) =>
      f.plan
        ? [
            {
              fieldId: f.fieldId,
              planId: f.plan.id,
              version: f.plan.version,
              plan: { ...f.plan.plan, status: 'accepted' as const },
            },
          ]
        : [],
    )
    if (!plans.length) return notice.show('None of the chosen fields has a plan to accept.')
    await season.save(`${plans.length} plans accepted`, plans)
    rows.letGo()
    notice.show(`${plans.length} plans accepted.`, 'Undo', undo)
  })
function planned() {
  rows.letGo()
  notice.show('Plans proposed.', 'Undo', undo)
}

useEventListener('keydown', (event) => {
  if ((event.target as HTMLElement).closest('input, textarea, select')) return
  if (event.key === 'u' && !event.ctrlKey && !event.metaKey) void undo()
  if (event.key === 'Escape') season.drop()
  if (event.key === 'Enter' && season.proposed && event.target === document.body) void keep()
})
onBeforeUnmount(() => season.drop())
</script>

<template>
  <div class="season">
    <header class="head">
      <div class="grow">
        <h1>{{ headline }}</h1>
        <p class="muted">{{ totals }}</p>
        <RushLine v-if="session.season === session.farm?.thisSeason" />
      </div>
      <SeasonTools
        v-model:words="words"
        v-model:grouping="grouping"
        v-model:tall="tall"
        class="no-print"
        @undo="undo"
      />
    </header>

    <ReadTrouble what="The season" :trouble="trouble" class="ma-4" @again="again" />
    <SeasonEmpty v-if="view" :view="view" />
    <template v-if="view?.furrows.length">
      <UnsaidLine class="unsaid" />
      <SeasonAxis :view="view" :label-width="labelWidth" :width="stripWidth" :narrow="narrow" />
      <LongList :key="tall" :items="items" :is-head="(i) => !!i.group" class="rows">
        <template #default="{ item }">
          <GroupHead
            v-if="item.group"
            :row="item"
            :chosen="chosen"
            :choosable="session.owner"
            @choose="(ids, on) => rows.choose(ids, on)"
          />
          <FurrowRow
            v-else-if="item.furrow"
            :furrow="item.furrow"
            :shape="view.shapes[item.furrow.shape ?? '']"
            :start="view.start"
            :today="view.farm.today"
            :label-width="labelWidth"
            :width="stripWidth"
            :odds-width="oddsWidth"
            :rows="tall"
            :height="rowHeight"
            :proposal="season.proposals.get(item.furrow.fieldId)"
            :chosen="chosen.has(item.furrow.fieldId)"
            :movable="session.owner"
            @move="move(item.furrow, $event)"
            @keep="keep(item.furrow.fieldId)"
            @drop="season.drop(item.furrow.fieldId)"
            @choose="rows.choose([item.furrow.fieldId], $event)"
            @edge="edge = $event"
          />
        </template>
      </LongList>
    </template>
    <div v-else-if="!view && !trouble" class="pa-8 muted">
      Reading thirty years of weather for your fields …
    </div>

    <div v-if="edge" class="edge" role="status">{{ session.reason(edge) }}</div>
    <SeasonBar
      :proposed="season.proposed"
      :chosen="chosen.size"
      :sum="sum"
      @keep="keep()"
      @drop="season.drop()"
      @accept="acceptChosen"
      @several="several = true"
      @change="changing = true"
      @let-go="rows.letGo"
    />
    <PlanSeveral v-model="several" :furrows="picked" @saved="planned" />
    <ChangeSeveral v-model="changing" :furrows="picked" />
  </div>
</template>

<style scoped>
.season {
  max-width: 1500px;
  margin: 0 auto;
  padding: 8px 20px 0;
}
.head {
  display: flex;
  gap: 16px;
  align-items: flex-start;
  flex-wrap: wrap;
  padding-bottom: 2px;
}
.rows {
  height: calc(100dvh - 52px - 37px - 136px);
  margin: 0 -20px;
}
.rows :deep(.scroller) {
  padding: 0 20px 70px;
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
@media (max-width: 700px) {
  .season {
    padding: 10px 12px 0;
  }
  .rows {
    margin: 0 -12px;
    height: calc(100dvh - 52px - 46px - 58px - 240px);
  }
  .rows :deep(.scroller) {
    padding: 0 12px 90px;
  }
  .edge {
    bottom: 70px;
    left: 12px;
    right: 12px;
  }
}
@media print {
  .season {
    padding: 0;
  }
  .rows {
    height: auto;
    margin: 0;
  }
}
</style>
