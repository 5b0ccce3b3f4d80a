<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { FieldSeason, Reason, Schemas } from '../../api/client'
import { seasonLooked } from '../../farm/now'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSession } from '../../session'
import { sayFullDay } from '../../words/days'
import { useKinds } from '../../words/kinds'
import AccountCard from './AccountCard.vue'
import AfterEnding from './AfterEnding.vue'
import ChainCard from './ChainCard.vue'
import CoverChoices from './CoverChoices.vue'
import DateOdds from './DateOdds.vue'
import EndingList from './EndingList.vue'
import FeedCard from './FeedCard.vue'
import FieldHead from './FieldHead.vue'
import FieldLog from './FieldLog.vue'
import FieldPicture from './FieldPicture.vue'
import FieldQuestions from './FieldQuestions.vue'
import FieldSaid from './FieldSaid.vue'
import GrazingCard from './GrazingCard.vue'
import GrowthChart from './GrowthChart.vue'
import NitrogenCard from './NitrogenCard.vue'
import ShadeCard from './ShadeCard.vue'
import SoilCard from './SoilCard.vue'
import PlanEditor from './PlanEditor.vue'
import PurposeOdds from './PurposeOdds.vue'
import StageOdds from './StageOdds.vue'
import { anchorOf, type Question } from './questions'
import { useDateOdds } from './useDateOdds'
import { usePlanDraft } from './usePlanDraft'
import WayTable from './WayTable.vue'
import { useWindowName } from '../../shell/arrival'
import { useUnsaved } from '../../shell/unsaved'
import WindowList from './WindowList.vue'

const session = useSession()
const kinds = useKinds()
const route = useRoute()
const router = useRouter()
const fieldId = computed(() => String(route.params.id))
const plan = usePlanDraft(() => fieldId.value)
const { shown, draft, refused, trouble, dirty, here, propose, drop } = plan
const edge = ref<Reason | null>(null)
useWindowName(() => shown.value?.field.name)
useUnsaved('What you tried on this field', () => dirty.value)
const seeded = computed(() => !!shown.value?.furrow.seededOn)
/** A plan that the years can be asked about. */
const tried = computed(() => (shown.value?.goals.length && !refused.value ? draft.value : null))
const feeds = computed(
  () => draft.value?.purposes.includes('feedCattle') || !!kinds.ending(draft.value?.ending)?.feeds,
)

const legume = computed(
  () => !!draft.value?.components.every((c) => kinds.species(c.species)?.family === 'legume'),
)

/** Odds by day of seeding: on the axis, and under the third question. */
const dates = useDateOdds(
  () => fieldId.value,
  () => (seeded.value ? null : tried.value),
)
/** Closer looks are about the days of the question that is open. */
const asked = ref<Question | null>(null)
const anchor = computed(() => anchorOf(asked.value, draft.value, shown.value))
function look(link: Schemas['LinkView']) {
  seasonLooked.value = link.season === session.farm?.thisSeason ? null : link.season
  void router.push({ path: `/fields/${fieldId.value}`, query: { link: link.planId ?? undefined } })
}

function seedIn(w: FieldSeason['windows'][number]) {
  const today = shown.value?.today ?? w.opens.day
  const seedOn = w.opens.day > today ? w.opens.day : today
  if (draft.value) void propose({ ...draft.value, method: w.method, seedOn })
}
function endBy(e: FieldSeason['endings'][number]) {
  const d = draft.value
  if (d) void propose({ ...d, ending: e.way, endOn: e.from > d.seedOn ? e.from : d.endOn })
}
useEventListener('keydown', (event) => {
  if ((event.target as HTMLElement).closest('input, textarea, select, [role=listbox]')) return
  if (event.key === 'Escape') drop()
  if (event.key === 'u' && !event.ctrlKey && !event.metaKey) void plan.undo()
})
</script>

<template>
  <div class="page">
    <ReadTrouble what="This field" :trouble="trouble" @again="plan.again" />
    <FieldHead v-if="shown" :shown="shown" :field-id="fieldId" />
    <FieldPicture
      :shown="shown"
      :plan="draft"
      :odds="dates.odds.value"
      :anchor="anchor"
      :movable="session.owner"
      :proposed="dirty"
      @move="propose"
      @seed="seedIn"
      @end="endBy"
      @link="look"
      @keep="plan.save(draft?.status ?? 'proposed')"
      @drop="drop"
      @edge="edge = $event"
    />
    <FieldSaid v-if="shown" :shown="shown" :edge="edge" :dirty="dirty" :here="here" />
    <ChainCard :field-id="fieldId" :chosen="shown?.furrow.plan?.id" />
    <div v-if="shown" class="grid">
      <PlanEditor
        :plan="draft"
        :shown="shown"
        :dirty="dirty"
        :refused="refused"
        :movable="session.owner"
        @start="plan.start"
        @change="propose"
        @save="plan.save"
        @drop="drop"
        @remove="plan.remove"
      />
      <FieldQuestions :shown="shown" :plan="draft" @open="asked = $event">
        <template #why>
          <PurposeOdds
            v-if="shown.goals.length"
            :field-id="fieldId"
            :plan="draft"
            :goals="shown.goals"
            :soil="shown.furrow.soil"
          />
          <p v-else class="card muted">Choose a reason on the left; its odds stand here.</p>
        </template>
        <template #what>
          <CoverChoices
            v-if="!seeded && shown.windows.length"
            :field-id="fieldId"
            :purpose="draft?.purposes[0] ?? 'holdSoil'"
            @pick="propose"
          />
          <StageOdds v-if="shown.species.length" :species="shown.species" />
          <GrowthChart v-if="shown.goals.length" :shown="shown" />
        </template>
        <template #how>
          <WindowList
            v-if="shown.windows.length"
            :windows="shown.windows"
            :method="draft?.method"
            :today="shown.today"
            :movable="session.owner && !!draft"
            @pick="seedIn"
          />
          <p v-else class="card">
            Windows and odds need a weather station with some years of days.
            <router-link to="/weather">Add one</router-link>
          </p>
          <template v-if="tried && !seeded">
            <DateOdds
              v-model:goal="dates.goal.value"
              :plan="tried"
              :season-start="shown.start"
              :odds="dates.odds.value"
              :trouble="dates.trouble.value"
              @pick="propose"
            />
            <WayTable :field-id="fieldId" :plan="tried" @pick="propose" />
          </template>
        </template>
        <template #end>
          <EndingList
            v-if="shown.endings.length"
            :endings="shown.endings"
            :way="draft?.ending"
            :today="shown.today"
            :plant-on="shown.furrow.nextPlantOn"
            :crop="shown.furrow.nextCrop"
            :movable="session.owner"
            @pick="endBy"
          />
          <p v-else class="card muted">Without a cover there is nothing to end.</p>
          <AfterEnding v-if="tried" :field-id="fieldId" :plan="tried" />
          <FeedCard v-if="tried && feeds" :field-id="fieldId" :plan="tried" />
          <GrazingCard v-if="shown.furrow.plan" :field-id="fieldId" :asked="!!feeds" />
          <NitrogenCard v-if="shown.furrow.plan" :field-id="fieldId" :legume="legume" />
        </template>
        <template #done>
          <FieldLog
            :field-id="fieldId"
            :history="shown.history"
            :today="shown.today"
            :moved="shown.moved"
            :species="draft?.components.map((c) => c.species) ?? []"
            :machine="draft?.machineId"
          />
          <AccountCard :field-id="fieldId" :plan-id="shown.furrow.plan?.id" />
          <SoilCard :field-id="fieldId" />
          <ShadeCard v-if="shown.windows.length" :field-id="fieldId" />
        </template>
      </FieldQuestions>
    </div>
    <p v-if="shown" class="printonly">{{ session.farm?.name }}, {{ sayFullDay(shown.today) }}</p>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(320px, 400px) 1fr;
  gap: 16px;
  align-items: start;
  margin-top: 6px;
}
.printonly {
  display: none;
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
  .printonly {
    display: block;
  }
}
</style>
