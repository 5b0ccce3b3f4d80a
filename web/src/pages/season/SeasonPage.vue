<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed, ref, useTemplateRef, watch } from 'vue'
import type { Reason } from '../../api/client'
import { useRead } from '../../farm/data'
import LongList from '../../parts/LongList.vue'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSeason } from '../../season'
import { useSession } from '../../session'
import RushLine from '../field-work/RushLine.vue'
import ChangeSeveral from './ChangeSeveral.vue'
import FurrowRow from './FurrowRow.vue'
import GroupHead from './GroupHead.vue'
import { heightPx, type RowHeight } from '../../furrow/heights'
import PlanSeveral from './PlanSeveral.vue'
import RowHeights from './RowHeights.vue'
import SeasonAxis from './SeasonAxis.vue'
import SeasonBar from './SeasonBar.vue'
import SeasonEmpty from './SeasonEmpty.vue'
import SeasonTools from './SeasonTools.vue'
import UnsaidLine from './UnsaidLine.vue'
import { provideJobs } from './useJobs'
import { provideLens, useLens } from './useLens'
import { useSeasonMoves } from './useSeasonMoves'
import { useSeasonRows } from './useSeasonRows'
import { useSeasonZoom } from './useSeasonZoom'
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
/** Between a name and its furrow, px. */
const GAP = 8
watch(view, (now) => now && performance.mark('first-furrow'), { once: true })

const { narrow, labelWidth, oddsWidth, stripWidth } = useWidths()
provideLens()
const field = useTemplateRef<HTMLElement>('field')
const {
  view: zoomed,
  part,
  level,
  hours,
  go,
  closer,
  farther,
} = useSeasonZoom(
  field,
  view,
  computed(() => ({ left: narrow.value ? 0 : labelWidth.value + GAP, width: stripWidth.value })),
)
const lens = useLens()
provideJobs(() => !!part.value || lens.value === 'work')
const tall = useStorage<RowHeight>('season-rows', 'tall')
const rowHeight = computed(() => heightPx(tall.value, narrow.value))

const { move, keep, acceptChosen, planned } = useSeasonMoves(view, rows)
</script>

<template>
  <div class="season">
    <header class="head">
      <div class="grow">
        <h1>{{ headline }}</h1>
        <p v-if="!narrow" class="muted">{{ totals }}</p>
      </div>
      <SeasonTools
        v-model:words="words"
        v-model:grouping="grouping"
        v-model:tall="tall"
        :narrow="narrow"
        class="no-print"
        @undo="undo"
      />
    </header>

    <ReadTrouble what="The season" :trouble="trouble" class="ma-4" @again="again" />
    <SeasonEmpty v-if="view" :view="view" />
    <div v-if="view?.furrows.length" class="lines">
      <UnsaidLine />
      <RushLine v-if="!narrow && session.season === session.farm?.thisSeason" />
    </div>
    <div v-if="view?.furrows.length" ref="field" class="field">
      <SeasonAxis
        v-if="zoomed"
        :season="view"
        :start="view.start"
        :view="zoomed"
        :level="level"
        :hours="hours?.hours"
        :label-width="labelWidth"
        :width="stripWidth"
        :narrow="narrow"
        @go="go"
        @closer="closer"
        @farther="farther"
      >
        <RowHeights v-if="narrow" v-model="tall" />
      </SeasonAxis>
      <LongList :key="tall" :items="items" :is-head="(i) => !!i.group" class="rows">
        <template #default="{ item }">
          <GroupHead
            v-if="item.group"
            :row="item"
            :low="tall === 'thread' && !narrow"
            :chosen="chosen"
            :choosable="session.owner"
            @choose="(ids, on) => rows.choose(ids, on)"
          />
          <FurrowRow
            v-else-if="item.furrow"
            :furrow="item.furrow"
            :open="item.open"
            :view="part"
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
    </div>
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
  display: flex;
  flex-direction: column;
  max-width: 1500px;
  height: calc(100dvh - 52px - 37px);
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
.lines {
  display: flex;
  flex-wrap: wrap;
  gap: 0 20px;
}
.field {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 300px;
}
.rows {
  flex: 1;
  min-height: 0;
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
    height: calc(100dvh - 52px - 46px - 58px);
    padding: 10px 12px 0;
  }
  .rows {
    margin: 0 -12px;
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
    display: block;
    height: auto;
    padding: 0;
  }
  .rows {
    margin: 0;
  }
}
</style>
