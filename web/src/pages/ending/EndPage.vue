<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import FieldJourney from '../field/FieldJourney.vue'
import { useWindowName } from '../../shell/arrival'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { sayDay, sayFullDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import ChooseEnding from './ChooseEnding.vue'
import EndingTable from './EndingTable.vue'
import PlanterSheet from './PlanterSheet.vue'
import RollerSheet from './RollerSheet.vue'
import SpraySheet from './SpraySheet.vue'
import WatchList from './WatchList.vue'
import { useKinds } from '../../words/kinds'

/** A field's ending: the ways, the choice, the sheets for the work, and what to watch after. */
const session = useSession()
const kinds = useKinds()
const route = useRoute()
const purpose = ref<string>()
const target = ref<number>()
const {
  data: page,
  trouble,
  busy,
} = useRead('/api/farms/{farmId}/fields/{fieldId}/ending', () => ({
  path: { fieldId: String(route.params.id) },
  query: { purpose: purpose.value, target: target.value },
}))
const picked = ref<Schemas['EndingRow'] | null>(null)
useWindowName(() => page.value?.field)
const sheet = ref('')
const goal = computed(() => session.choices?.purposes.find((p) => p.key === page.value?.purpose))
/** What is asked for: as typed, else as the plan has it. */
const asked = computed({
  get: () => purpose.value ?? page.value?.purpose,
  set: (key) => {
    target.value = undefined
    purpose.value = key
  },
})
/** As it is typed; asked once it is finished. */
const wanted = ref<number>()
watch(
  page,
  (found, before) => {
    if (!found) return
    // A choice that is being written, or a number, stays when something else on the page changes.
    if (found.version !== before?.version || found.purpose !== before?.purpose) picked.value = null
    if (found.target !== before?.target) wanted.value = found.target
    const kind = kinds.ending(found.plannedWay)
    sheet.value ||= kind?.rolls ? 'roller' : kind?.sprays ? 'spray' : 'planter'
  },
  { immediate: true },
)

const chosen = computed(() => page.value?.chosen[0])
/** The way and day the sheets are made for: the plan's, which follows each choice. */
const way = computed(() => page.value?.plannedWay)
const endOn = computed(() => page.value?.plannedEndOn)
const stands = computed(
  () => chosen.value?.way === way.value && chosen.value?.endOn === endOn.value,
)
const cautions = computed(
  () =>
    page.value?.rows.find((r) => r.way === way.value && kinds.ending(r.way)?.sprays)?.cautions ??
    [],
)
const coverMgPerHa = computed(() => {
  const row = page.value?.rows.find((r) => r.way === way.value) ?? page.value?.rows[0]
  return row?.outcome ? row.outcome.mulch.middle + row.outcome.living.middle : 0
})
const print = () => window.print()
const SHEETS = [
  ['roller', 'Roller'],
  ['spray', 'Spray'],
  ['planter', 'Planter'],
] as const
</script>

<template>
  <div class="page">
    <FieldJourney :outcomes="page?.rows" />
    <div v-if="trouble" class="card">
      <h1>Ending</h1>
      <p>{{ trouble }}</p>
      <router-link :to="`/fields/${route.params.id}`">To the field</router-link>
    </div>
    <template v-if="page">
      <header class="row mb-3">
        <div class="grow">
          <h1>
            End the cover on
            <router-link :to="`/fields/${page.fieldId}`">{{ page.field }}</router-link>
          </h1>
          <p class="muted">
            {{ session.amount(page.areaHa, 'HA') }} · {{ page.crop }} planted
            {{ sayDay(page.plantOn) }}<template v-if="page.organic"> · organic</template
            ><template v-if="page.endedOn"> · ended {{ sayDay(page.endedOn) }}</template>
          </p>
        </div>
        <v-btn variant="outlined" to="/hours" class="no-print">Hours</v-btn>
        <v-btn variant="outlined" class="no-print" @click="print">Print</v-btn>
      </header>

      <section v-if="chosen" class="card mb-4 chosen">
        <p>
          <b>{{ sentence(chosen.label) }}</b>, {{ sayDay(chosen.endOn) }}; {{ page.crop }} planted
          {{ sayDay(chosen.plantOn) }}.
          <template v-if="chosen.why">“{{ chosen.why }}”</template>
          <span v-if="!stands && endOn" class="rust">
            Since then the plan ends it by {{ kinds.ending(way)?.label ?? way }},
            {{ sayDay(endOn) }}.
          </span>
        </p>
        <details v-if="page.chosen.length > 1" class="small no-print">
          <summary>Before that</summary>
          <p v-for="c in page.chosen.slice(1)" :key="c.id" class="muted">
            {{ sayFullDay(c.chosenAt.slice(0, 10)) }}: {{ c.label }}, {{ sayDay(c.endOn)
            }}<template v-if="c.why">, “{{ c.why }}”</template>
          </p>
        </details>
      </section>

      <section class="card mb-4 ways">
        <div class="row mb-2">
          <h2 class="grow">Ways side by side</h2>
          <v-select
            v-model="asked"
            :items="
              (session.choices?.purposes ?? []).map((p) => ({
                title: sentence(p.label),
                value: p.key,
              }))
            "
            label="For"
            class="goal no-print"
          />
          <FigureField
            v-if="goal && page.purpose !== 'holdSoil'"
            v-model="wanted"
            label="Enough is"
            :unit="goal.unit"
            class="enough no-print"
            @change="target = wanted"
          />
        </div>
        <p class="muted small">
          Best first for: {{ session.reason(page.wanted) }}. Odds are years out of
          {{ page.rows.find((r) => r.outcome)?.outcome?.years }}; amounts are the middle year’s,
          with one year in ten either way.
        </p>
        <v-progress-linear v-if="busy" indeterminate height="2" />
        <EndingTable
          :rows="page.rows"
          :chosen="stands ? way : undefined"
          :movable="session.owner && !page.endedOn"
          @pick="picked = $event"
        />
      </section>
      <ChooseEnding
        v-if="picked"
        :key="picked.way"
        :row="picked"
        :field-id="page.fieldId"
        :crop="page.crop"
        :version="page.version"
        @kept="picked = null"
        @dropped="picked = null"
      />

      <v-btn-toggle v-model="sheet" mandatory density="compact" class="mb-2 no-print">
        <v-btn v-for="[key, label] in SHEETS" :key="key" :value="key">{{ label }} sheet</v-btn>
      </v-btn-toggle>
      <div class="grid">
        <RollerSheet v-if="sheet === 'roller'" :page="page" :end-on="endOn" />
        <SpraySheet
          v-if="sheet === 'spray'"
          :page="page"
          :end-on="endOn ?? page.today"
          :cautions="cautions"
        />
        <PlanterSheet
          v-if="sheet === 'planter'"
          :page="page"
          :cover-mg-per-ha="coverMgPerHa"
          :green-at-planting="!!kinds.ending(way)?.plantsGreen"
        />
        <WatchList :field-id="page.fieldId" />
      </div>
    </template>
    <p v-else-if="busy" class="muted">Running every way through every year…</p>
  </div>
</template>

<style scoped>
.chosen {
  border-left: 4px solid var(--leaf);
}
.goal {
  max-width: 220px;
}
.enough {
  max-width: 170px;
}
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
@media (max-width: 900px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .ways {
    break-after: page;
  }
  .grid {
    display: block;
  }
}
</style>
