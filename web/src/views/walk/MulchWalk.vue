<script setup lang="ts">
import { api, ask } from '../../api/client'
import { useAnswer } from '../../answer'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { toSi } from '../../words/units'
import { kept } from './kept'
import NumberPad from './NumberPad.vue'
import RangeBar from './RangeBar.vue'

/** Hoops clipped and weighed wet, with a dry-down of one of them. */
const props = defineProps<{ fieldId: string; wantedMgPerHa: number }>()
const session = useSession()
const hoops = kept<number[]>(`hoops-${props.fieldId}`, [])
const frame = kept<number | undefined>(`hoop-${props.fieldId}`, 0.25)
const dry = kept<number | undefined>(`dry-${props.fieldId}`, 0.2)
const target = kept<number | undefined>(`mulch-${props.fieldId}`, props.wantedMgPerHa)

const { answer, trouble } = useAnswer(
  () =>
    hoops.value.length && frame.value && dry.value
      ? JSON.stringify([hoops.value, frame.value, dry.value, target.value])
      : '',
  () =>
    ask(
      api.POST('/api/bench/mulch', {
        body: {
          samples: hoops.value.map((wetKg) => ({ wetKg, frameM2: frame.value! })),
          dryMatterFraction: dry.value!,
          targetMgPerHa: target.value,
          confidence: 0.9,
        },
      }),
    ),
)

async function keep() {
  if (!answer.value) return
  try {
    await ask(
      api.PUT('/api/farms/{farmId}/fields/{fieldId}/log/{entryId}', {
        params: {
          path: {
            farmId: session.farm?.id ?? '',
            fieldId: props.fieldId,
            entryId: crypto.randomUUID(),
          },
        },
        body: {
          doneOn: session.farm?.today ?? '',
          kind: 'cover',
          words: `${hoops.value.length} hoops`,
          amount: answer.value.mgPerHa,
        },
      }),
    )
    hoops.value = []
    notice.show('Kept; the forecast goes on from it.')
  } catch (e) {
    notice.show((e as Error).message)
  }
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
  </div>
</template>

<style scoped>
.verdict {
  font-size: 1.6rem;
}
</style>
