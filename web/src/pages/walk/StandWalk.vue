<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PlanInput } from '../../api/client'
import { consider } from '../../farm/data'
import { useAnswer } from '../../answer'
import FigureField from '../../parts/FigureField.vue'
import { greenCover, standCount } from '../../phone/counts'
import TakenRow from '../../pictures/TakenRow.vue'
import TakePicture from '../../pictures/TakePicture.vue'
import type { Taken } from '../../pictures/taking'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import { kept } from './kept'
import { useFieldLog } from './log'
import NumberPad from './NumberPad.vue'
import RangeBar from './RangeBar.vue'
import { attempt } from '../../shell/attempt'

/** Plants in frames or along rows: how good is the stand, and is it worth reseeding? */
const props = defineProps<{ fieldId: string; plan: PlanInput }>()
const session = useSession()
const { write } = useFieldLog(props.fieldId)
const counts = kept<number[]>(`stand-${props.fieldId}`, [])
const byRow = kept(`by-row-${props.fieldId}`, false)
const frame = kept<number | undefined>(`frame-${props.fieldId}`, session.usual('standFrame'))
const length = kept<number | undefined>(`length-${props.fieldId}`, 1)
const spacing = kept<number | undefined>(
  `spacing-${props.fieldId}`,
  session.usual('coverRowSpacing'),
)
const cover = ref<number>()
const pictures = ref<Taken[]>([])
const path = () => ({ farmId: session.farm?.id ?? '', fieldId: props.fieldId })

const area = computed(() =>
  byRow.value ? (length.value ?? 0) * (spacing.value ?? 0) : (frame.value ?? 0),
)
const words = () =>
  counts.value.length && area.value > 0 ? JSON.stringify([counts.value, area.value]) : ''
/** What stands, reckoned on the phone; what it means for the season needs a signal. */
const { answer: counted, trouble: countTrouble } = useAnswer(words, () =>
  standCount({
    counts: counts.value,
    frameM2: area.value,
    confidence: session.usual('confidence'),
  }),
)
const { answer } = useAnswer(words, () =>
  consider('/api/farms/{farmId}/fields/{fieldId}/stand', {
    path: path(),
    body: {
      plan: props.plan,
      stand: {
        counts: counts.value,
        frameM2: area.value,
        confidence: session.usual('confidence'),
      },
    },
  }),
)

/** A count is a sample: it may find more plants than live seeds went out. */
const madePlants = computed(() => {
  const share = answer.value?.shareOfLiveSeed
  if (share === undefined) return ''
  if (share >= 1) return 'at least as many plants as live seeds'
  return `${session.amount(share, 'SHARE')} of live seed made a plant`
})
const VERDICT: Record<string, string> = {
  good: 'Good',
  thinButTillers: 'Thin, but it will tiller',
  reseed: 'Reseed',
}

async function photographed(some: Taken[]) {
  pictures.value = [...pictures.value, ...some.map((t) => ({ ...t, measure: true }))]
  await attempt(async () => {
    cover.value = (await greenCover(some.at(-1)!.picture)).cover
  })
}

const reseed = computed(() => answer.value?.goalReseeded !== undefined)
const AGAIN = { kind: 'reseed' as const, words: '', figures: {}, names: {} }

/** Keeps the count; where the stand is given up, what was seeded counts as gone. */
async function keep(again: boolean) {
  const stand = counted.value
  if (!stand) return
  const all = props.plan.components
  const live = all.map((c) => {
    const s = session.choices?.species.find((o) => o.id === c.species)
    return c.rateKgPerHa * (s?.seedsPerKg ?? 1)
  })
  const sum = live.reduce((a, b) => a + b, 0)
  const plants = all.map((c, i) => ({
    kind: 'plants' as const,
    words: `${counts.value.length} frames`,
    names: { species: c.species },
    figures: { plantsPerM2: (stand.plantsPerM2 * live[i]!) / sum },
  }))
  const done = await write(
    again ? [...plants, AGAIN] : plants,
    again ? 'Kept; it is to be seeded again.' : 'Kept; the forecast goes on from it.',
    pictures.value,
  )
  if (!done) return
  counts.value = []
  pictures.value = []
}
</script>

<template>
  <div>
    <div class="row my-2">
      <v-btn-toggle v-model="byRow" mandatory density="compact">
        <v-btn :value="false">Frame</v-btn>
        <v-btn :value="true">Length of row</v-btn>
      </v-btn-toggle>
      <FigureField v-if="!byRow" v-model="frame" label="Frame" unit="M2" />
      <template v-else>
        <FigureField v-model="length" label="Length" unit="M" />
        <FigureField v-model="spacing" label="Row spacing" unit="M" :digits="2" />
      </template>
    </div>
    <NumberPad
      next="next frame"
      @number="(n) => (counts = [...counts, n])"
      @back="counts = counts.slice(0, -1)"
    >
      <span v-for="(c, i) in counts" :key="i">{{ c }}</span>
    </NumberPad>
    <p v-if="countTrouble" class="rust">{{ countTrouble }}</p>
    <section v-if="counted" class="card mt-3">
      <h2>{{ answer ? VERDICT[answer.verdict] : 'What stands' }}</h2>
      <p class="answer">{{ session.amount(counted.plantsPerM2, 'PER_M2') }}</p>
      <RangeBar
        :low="counted.low"
        :middle="counted.plantsPerM2"
        :high="counted.high"
        :most="1.25 * Math.max(counted.high, 1)"
      />
      <p class="small muted">
        Surely between {{ session.amount(counted.low, 'PER_M2') }} and
        {{ session.amount(counted.high, 'PER_M2') }} (nine times in ten) from {{ counted.frames }}
        {{ counted.frames === 1 ? 'frame' : 'frames'
        }}<template v-if="madePlants">; {{ madePlants }}</template
        >.
      </p>
      <p v-if="answer">{{ sentence(session.reason(answer.reason)) }}.</p>
      <p v-else class="muted">What it means for this season is reckoned when there is a signal.</p>
      <p v-if="answer" class="mt-2">
        As it is, it does its job in <b>{{ answer.goalAsItIs }} of {{ answer.years }}</b> years.
        <template v-if="answer.goalReseeded !== undefined">
          Drilled again now: <b>{{ answer.goalReseeded }}</b>.
          {{ sentence(session.reason(answer.reseedReason)) }}.
        </template>
        <template v-else> Too late to reseed: {{ session.reason(answer.reseedReason) }}. </template>
      </p>
      <div v-if="session.operator" class="row mt-2">
        <v-btn color="primary" @click="keep(false)">{{
          reseed && answer?.verdict === 'reseed' ? 'Keep the count, live with it' : 'Keep the count'
        }}</v-btn>
        <v-btn v-if="reseed && answer?.verdict !== 'good'" variant="outlined" @click="keep(true)"
          >Keep it and seed again</v-btn
        >
        <router-link v-if="answer && answer.verdict !== 'good'" :to="`/fields/${fieldId}`"
          >Change the plan</router-link
        >
      </div>
    </section>
    <section class="card mt-3">
      <h2>Green cover from a photo</h2>
      <p class="muted small my-1">Straight down, even light, no boots in the picture.</p>
      <div class="row">
        <TakenRow v-model="pictures" />
        <TakePicture label="Straight down" @taken="photographed" />
      </div>
      <p v-if="cover !== undefined" class="answer">{{ session.amount(cover, 'SHARE') }} green</p>
      <p v-if="pictures.length" class="muted small">It is kept with the count.</p>
    </section>
  </div>
</template>

<style scoped>
.answer {
  font-size: 1.7rem;
  font-weight: 680;
}
</style>
