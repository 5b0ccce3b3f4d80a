<script setup lang="ts">
import { read } from '../../farm/data'
import { send } from '../../outbox'
import { mulchSample } from '../../phone/counts'
import { useAnswer } from '../../answer'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { toSi } from '../../words/units'
import { kept } from './kept'
import { useFieldLog } from './log'
import NumberPad from './NumberPad.vue'
import RangeBar from './RangeBar.vue'
import { newId } from '../../words/ids'

/** Hoops clipped and weighed wet, with a dry-down of one of them. */
const props = defineProps<{ fieldId: string; wantedMgPerHa: number }>()
const session = useSession()
const { write } = useFieldLog(props.fieldId)
const hoops = kept<number[]>(`hoops-${props.fieldId}`, [])
const frame = kept<number | undefined>(`hoop-${props.fieldId}`, session.usual('standFrame'))
const dry = kept<number | undefined>(`dry-${props.fieldId}`, session.usual('dryShare'))
const height = kept<number | undefined>(`tall-${props.fieldId}`, undefined)
const shade = kept<number | undefined>(`shade-${props.fieldId}`, undefined)
const target = kept<number | undefined>(`mulch-${props.fieldId}`, props.wantedMgPerHa)

const { answer, trouble } = useAnswer(
  () =>
    hoops.value.length && frame.value && dry.value
      ? JSON.stringify([hoops.value, frame.value, dry.value, target.value])
      : '',
  () =>
    mulchSample({
      samples: hoops.value.map((wetKg) => ({ wetKg, frameM2: frame.value! })),
      dryMatterFraction: dry.value!,
      targetMgPerHa: target.value,
      confidence: session.usual('confidence'),
    }),
)

/** Without a clip: height × shade, by a line that learns from every clipped pair. */
const { answer: guess } = useAnswer(
  () => (height.value && shade.value ? JSON.stringify([height.value, shade.value]) : ''),
  () =>
    read('/api/farms/{farmId}/height-cover', {
      query: { heightCm: height.value!, cover: shade.value! },
    }),
)

async function keep() {
  if (!answer.value) return
  const mgPerHa = answer.value.mgPerHa
  const done = await write(
    [{ kind: 'cover', words: `${hoops.value.length} hoops`, figures: { coverMgPerHa: mgPerHa } }],
    'Kept; the forecast goes on from it.',
  )
  if (!done) return
  if (height.value && shade.value) {
    const id = newId()
    await send({
      about: id,
      method: 'PUT',
      url: `/api/farms/${session.farm?.id}/fields/${props.fieldId}/pairs/${id}`,
      body: {
        clippedOn: session.farm?.today ?? '',
        heightCm: height.value,
        cover: shade.value,
        mgPerHa,
      },
      said: 'height and shade beside a clip',
    })
  }
  hoops.value = []
}

async function keepGuess() {
  if (!guess.value) return
  await write(
    [
      {
        kind: 'cover',
        words: `from height and shade, ${guess.value.pairs} clipped pairs behind it`,
        figures: { coverMgPerHa: guess.value.mgPerHa },
      },
    ],
    'Kept; the forecast goes on from it.',
  )
}
</script>

<template>
  <div>
    <p class="muted small">
      Clip a hoop to the ground, weigh it wet ({{
        session.units === 'us' ? 'pounds' : 'kilograms'
      }}). Dry a handful once: dry over wet mass.
    </p>
    <div class="row my-2">
      <FigureField v-model="frame" label="Hoop" unit="M2" />
      <FigureField v-model="dry" label="Dry" unit="SHARE" />
      <FigureField v-model="target" label="Wanted" unit="MG_PER_HA" />
    </div>
    <NumberPad
      decimal
      next="next hoop"
      @number="(n) => (hoops = [...hoops, toSi(n, 'KG', session.units)])"
      @back="hoops = hoops.slice(0, -1)"
    >
      <span v-for="(h, i) in hoops" :key="i">{{ session.amount(h, 'KG', 1) }}</span>
    </NumberPad>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <section v-if="answer" class="card mt-3">
      <h2 class="verdict">{{ session.amount(answer.mgPerHa, 'MG_PER_HA') }} dry</h2>
      <RangeBar
        :low="answer.low"
        :middle="answer.mgPerHa"
        :high="answer.high"
        :most="Math.max(answer.high, target ?? 0) * 1.15"
        :mark="target"
      />
      <p>
        Surely between {{ session.amount(answer.low, 'MG_PER_HA') }} and
        {{ session.amount(answer.high, 'MG_PER_HA') }}; above what is wanted with
        <b>{{ Math.round(answer.oddsAboveTarget * 10) }} of 10</b>.
      </p>
      <p class="muted small">
        {{ answer.samplesFor15Percent }} hoops in all would tell it to within 15 %.
      </p>
      <v-btn v-if="session.operator" color="primary" class="mt-2" @click="keep"
        >Keep the count</v-btn
      >
    </section>
    <section class="card mt-3">
      <h2>From height and shade</h2>
      <p class="muted small my-1">
        Measure how tall it stands and how much ground it shades. With hoops clipped as well, the
        line learns.
      </p>
      <div class="row my-2">
        <FigureField v-model="height" label="Tall" unit="CM" />
        <FigureField v-model="shade" label="Shades" unit="SHARE" />
      </div>
      <template v-if="guess">
        <p class="verdict">{{ session.amount(guess.mgPerHa, 'MG_PER_HA') }} dry</p>
        <RangeBar
          :low="guess.low"
          :middle="guess.mgPerHa"
          :high="guess.high"
          :most="Math.max(guess.high, target ?? 0) * 1.15"
          :mark="target"
        />
        <p class="muted small">
          Surely between {{ session.amount(guess.low, 'MG_PER_HA') }} and
          {{ session.amount(guess.high, 'MG_PER_HA') }}; {{ guess.pairs }} clipped
          {{ guess.pairs === 1 ? 'pair' : 'pairs' }} of this farm behind it.
        </p>
        <v-btn v-if="session.operator" variant="outlined" class="mt-2" @click="keepGuess"
          >Keep the estimate</v-btn
        >
      </template>
    </section>
  </div>
</template>

<style scoped>
.verdict {
  font-size: 1.6rem;
}
</style>
