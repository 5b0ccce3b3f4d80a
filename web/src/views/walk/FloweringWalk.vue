<script setup lang="ts">
import { computed } from 'vue'
import { api, ask, type PlanInput } from '../../api/client'
import { useAnswer } from '../../answer'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { kept } from './kept'
import NumberPad from './NumberPad.vue'
import RangeBar from './RangeBar.vue'

/** Heads in flower, stop by stop, until it says roll or wait. */
const props = defineProps<{ fieldId: string; plan: PlanInput }>()
const session = useSession()
const stops = kept<number[]>(`flowering-${props.fieldId}`, [])
const heads = kept<number>(`heads-${props.fieldId}`, 10)
const target = kept<number>(`target-${props.fieldId}`, 80)

const { answer, trouble } = useAnswer(
  () => (stops.value.length ? JSON.stringify([stops.value, heads.value, target.value]) : ''),
  () =>
    ask(
      api.POST('/api/bench/flowering', {
        body: {
          stops: stops.value.map((flowering) => ({ heads: heads.value, flowering })),
          target: target.value / 100,
          riskTooEarly: 0.1,
          riskTooLate: 0.1,
          maxStops: 20,
        },
      }),
    ),
)
const DECISION: Record<string, string> = {
  roll: 'Roll',
  wait: 'Wait',
  another: 'Count another stop',
}
const percent = (v: number) => `${Math.round(v * 100)} %`
/** The plan's first species is the one counted. */
const species = computed(() => props.plan.components[0]?.species ?? '')

const speciesName = computed(
  () => session.choices?.species.find((s) => s.id === species.value)?.name ?? 'the cover',
)

async function keep() {
  if (!answer.value) return
  const known = session.choices?.species.find((s) => s.id === species.value)
  // Half in flower is the key stage; none in flower is no stage to go on from.
  const seen =
    answer.value.share >= 0.5
      ? ['mid-anthesis', 'full bloom']
      : answer.value.share > 0
        ? ['first anthers', 'first bloom']
        : []
  const stage = known?.stages.find((name) => seen.includes(name))
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
          kind: stage ? 'stage' : 'counted',
          words: `${percent(answer.value.share)} in flower at ${stops.value.length} stops: ${DECISION[answer.value.decision]?.toLowerCase()}`,
          species: species.value,
          stage,
        },
      }),
    )
    stops.value = []
    notice.show('Kept; the forecast goes on from it.')
  } catch (e) {
    notice.show((e as Error).message)
  }
}
</script>

<template>
  <div>
    <p class="muted small">
      Walk a W. At each stop look at {{ heads }} heads: how many show anthers, or stand in bloom?
      Counted for {{ speciesName }}.
    </p>
    <div class="row my-2">
      <label class="small"
        >heads a stop <input v-model.number="heads" type="number" min="1" max="50" class="in"
      /></label>
      <label class="small"
        >enough at
        <input v-model.number="target" type="number" min="30" max="95" class="in" /> %</label
      >
    </div>
    <NumberPad
      next="next stop"
      @number="(n) => (stops = [...stops, Math.min(n, heads)])"
      @back="stops = stops.slice(0, -1)"
    >
      <span v-for="(s, i) in stops" :key="i">{{ s }}</span>
    </NumberPad>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <section v-if="answer" class="card mt-3">
      <h2 class="verdict" :class="answer.decision">{{ DECISION[answer.decision] }}</h2>
      <RangeBar
        :low="answer.low"
        :middle="answer.share"
        :high="answer.high"
        :most="1"
        :mark="target / 100"
      />
      <p>
        <b>{{ percent(answer.share) }}</b> in flower, surely between {{ percent(answer.low) }} and
        {{ percent(answer.high) }}.
        <template v-if="answer.decision === 'another'">
          At most {{ answer.stopsLeft }} stops more.</template
        >
      </p>
      <p class="muted small">
        It says roll by mistake in at most one field of ten that is ten points short, and wait by
        mistake in at most one of ten that is ripe. Stems must be crisp and ground firm as well.
      </p>
      <v-btn
        v-if="session.operator && answer.decision !== 'another'"
        color="primary"
        class="mt-2"
        @click="keep"
        >Keep the count</v-btn
      >
    </section>
  </div>
</template>

<style scoped>
.in {
  width: 58px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  padding: 6px;
  color: inherit;
}
.verdict {
  font-size: 1.6rem;
}
.roll {
  color: var(--leaf);
}
.wait {
  color: var(--rust);
}
</style>
