<script setup lang="ts">
import { computed, ref } from 'vue'
import { alter } from '../../farm/data'
import { farmNow } from '../../farm/now'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sentence } from '../../words/reasons'
import StripLog from './StripLog.vue'
import StripMap from './StripMap.vue'
import TrialParts from './TrialParts.vue'
import TrialResult from './TrialResult.vue'
import { letter, stillOpen, type TrialView } from './strips'

/** One trial: what it asks, its strips, and what they say so far. */
const props = defineProps<{ trial: TrialView; open: boolean }>()
const session = useSession()
const measure = ref(props.trial.results[0]?.key ?? props.trial.measures[0]!.key)
const shown = computed(() => props.trial.measures.find((m) => m.key === measure.value)!)
const chosen = ref<number>()
const measures = computed(() => props.trial.measures.map((m) => ({ title: m.label, value: m.key })))
const left = computed(() => stillOpen(props.trial, measure.value))
const width = computed(() => session.amount(props.trial.stripWidthM, 'M'))
const begun = computed(() => left.value < props.trial.strips.length)

/** The next strip that nothing stands on yet. */
function next() {
  const open = props.trial.strips.find(
    (s) => s.number > (chosen.value ?? 0) && s.lost === undefined && !(measure.value in s.figures),
  )
  chosen.value = open?.number
}
const FILES = [
  { format: 'geojson', name: 'GeoJSON' },
  { format: 'kml', name: 'KML' },
  { format: 'gpx', name: 'GPX' },
]
const file = (format: string) => `/api/farms/${farmNow()}/trials/${props.trial.id}/strips.${format}`
const address = '/api/farms/{farmId}/trials/{trialId}' as const
const path = computed(() => ({ trialId: props.trial.id }))
async function remove() {
  await attempt(async () => {
    await alter('DELETE', address, { path: path.value })
    notice.show('Trial taken away.', 'Undo', () =>
      alter('POST', `${address}/restore`, { path: path.value }),
    )
  })
}
</script>

<template>
  <details class="card mb-4 trial" :open="open">
    <summary>
      <h2>{{ trial.question }}</h2>
      <span class="muted">
        {{ trial.field }}, {{ trial.season }} · {{ trial.treatments.length }} ways,
        {{ trial.replicates }} blocks ·
        {{ left ? (begun ? `${left} strips to measure` : 'not measured yet') : 'measured' }}
      </span>
    </summary>
    <p v-for="(w, i) in trial.warnings" :key="i" class="rust mt-2">
      {{ sentence(session.reason(w)) }}.
    </p>
    <div class="both mt-3">
      <div>
        <v-select
          v-model="measure"
          :items="measures"
          label="Coloured by"
          density="compact"
          class="by mb-3"
        />
        <StripMap :trial="trial" :measure="shown" :chosen="chosen" @choose="chosen = $event" />
        <ol class="ways">
          <li v-for="(t, i) in trial.treatments" :key="t.name">
            <b>{{ letter(i) }}</b> {{ t.name }}
            <span class="muted">{{ session.amount(t.usdPerHa, 'USD_PER_HA') }}</span>
          </li>
        </ol>
        <p class="muted small">
          Strips {{ width }} wide<template v-if="trial.bearingDeg !== undefined"
            >, {{ Math.round(trial.bearingDeg) }}° from north</template
          >, in an order of chance.
        </p>
        <TrialParts :trial="trial" />
      </div>
      <div>
        <StripLog
          v-if="chosen"
          :trial="trial"
          :number="chosen"
          :movable="session.operator"
          @next="next"
        />
        <p v-else class="muted">
          Choose a strip to write down what was found on it.
          <v-btn v-if="left && session.operator" variant="outlined" class="begin" @click="next">
            {{ begun ? 'Go on' : 'Begin' }}
          </v-btn>
        </p>
        <TrialResult v-for="r in trial.results" :key="r.key" :trial="trial" :result="r" />
      </div>
    </div>
    <table class="plain paper mt-3">
      <caption>
        Flags, from the left
      </caption>
      <tbody>
        <tr v-for="s in trial.strips" :key="s.number">
          <td class="n">{{ s.number }}</td>
          <td>block {{ s.block }}</td>
          <td>
            <b>{{ letter(s.treatment) }}</b> {{ trial.treatments[s.treatment]!.name }}
          </td>
          <td class="write"></td>
        </tr>
      </tbody>
    </table>
    <p v-if="trial.strips[0]?.ring.length" class="small no-print mt-3">
      Strips for the cab:
      <a v-for="f in FILES" :key="f.format" :href="file(f.format)" download class="mr-2">{{
        f.name
      }}</a>
    </p>
    <div v-if="session.owner" class="row mt-3 no-print">
      <v-btn variant="text" @click="remove">Take away</v-btn>
    </div>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
}
summary h2 {
  display: inline;
  margin-right: 10px;
}
.both {
  display: grid;
  grid-template-columns: minmax(260px, 540px) 1fr;
  gap: 24px;
}
.by {
  max-width: 220px;
}
.ways {
  list-style: none;
  padding: 0;
}
.paper {
  display: none;
}
.write {
  width: 45%;
  border-bottom: 1px solid var(--line);
}
.begin {
  margin: 4px 0 4px 8px;
}
@media print {
  .paper {
    display: table;
  }
}
@media (max-width: 760px) {
  .both {
    grid-template-columns: 1fr;
  }
}
</style>
