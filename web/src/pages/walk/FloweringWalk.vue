<script setup lang="ts">
import { computed } from 'vue'
import type { PlanInput } from '../../api/client'
import { floweringCount } from '../../phone/counts'
import { useAnswer } from '../../answer'
import { useSession } from '../../session'
import { kept } from './kept'
import { useFieldLog } from './log'
import NumberPad from './NumberPad.vue'
import RangeBar from './RangeBar.vue'
import StageDrawing from './StageDrawing.vue'

/** Heads or stems that show a mark, stop by stop, until it says roll or wait. */
const props = defineProps<{ fieldId: string; plan: PlanInput }>()
const session = useSession()
const { write } = useFieldLog(props.fieldId)
const stops = kept<number[]>(`flowering-${props.fieldId}`, [])
const heads = kept<number>(`heads-${props.fieldId}`, session.usual('walkHeads'))
const target = kept<number>(`target-${props.fieldId}`, 100 * session.usual('floweringTarget'))
const species = kept<string>(
  `counted-${props.fieldId}`,
  props.plan.components[0]?.species ?? 'cereal_rye',
)
const look = kept<string>(`look-${props.fieldId}`, '')
const LOOKS: Record<string, [string, string]> = {
  ANTHERS: ['Anthers', 'show anthers'],
  MILK: ['Milky kernel', 'give milk, or are firmer, when squeezed'],
  DOUGH: ['Doughy kernel', 'are doughy or firmer when squeezed'],
  BLOOM: ['Bloom', 'stand in bloom'],
  PODS: ['Pods low down', 'carry pods on the lowest nodes'],
}
const known = computed(() => session.choices?.species.find((s) => s.id === species.value))
const cereal = computed(() => known.value?.stages.includes('mid-anthesis') ?? true)
const looks = computed(() => (cereal.value ? ['ANTHERS', 'MILK', 'DOUGH'] : ['BLOOM', 'PODS']))
const looking = computed(() => (looks.value.includes(look.value) ? look.value : looks.value[0]!))
// The bench knows the table's species; one of the farm's own has the stages of its model.
const asked = computed(() => {
  if (!species.value.startsWith('own_')) return species.value
  return cereal.value ? 'cereal_rye' : 'hairy_vetch'
})

const { answer, trouble } = useAnswer(
  () =>
    stops.value.length
      ? JSON.stringify([stops.value, heads.value, target.value, asked.value, looking.value])
      : '',
  () =>
    floweringCount(
      {
        stops: stops.value.map((flowering) => ({ heads: heads.value, flowering })),
        target: target.value / 100,
        riskTooEarly: session.usual('countRisk'),
        riskTooLate: session.usual('countRisk'),
        maxStops: session.usual('mostStops'),
        species: asked.value,
        look: looking.value as 'ANTHERS',
      },
      known.value?.scale ?? { cereal: true, stages: [] },
    ),
)
const DECISION: Record<string, string> = {
  roll: 'Roll',
  wait: 'Wait',
  another: 'Count another stop',
}
const percent = (v: number) => `${Math.round(v * 100)} %`

async function keep() {
  const a = answer.value
  if (!a) return
  const words = `${percent(a.share)} ${LOOKS[looking.value]![1]} at ${stops.value.length} stops: ${DECISION[a.decision]?.toLowerCase()}`
  const done = await write(
    [{ kind: 'stage', words, names: { species: species.value, stage: a.stage?.stage ?? '' } }],
    'Kept; the forecast goes on from it.',
  )
  if (done) stops.value = []
}
function restart() {
  stops.value = []
}
</script>

<template>
  <div>
    <v-select
      v-if="plan.components.length > 1"
      v-model="species"
      :items="
        plan.components.map((c) => ({
          title: session.choices?.species.find((s) => s.id === c.species)?.name ?? c.species,
          value: c.species,
        }))
      "
      label="Which species"
      class="my-2"
      @update:model-value="restart"
    />
    <div class="looks" role="radiogroup" aria-label="What to look for">
      <button
        v-for="l in looks"
        :key="l"
        role="radio"
        :aria-checked="looking === l"
        :class="{ on: looking === l }"
        @click="((look = l), restart())"
      >
        <StageDrawing v-if="!stops.length" :look="l" :title="LOOKS[l]![0]" />
        <span class="small">{{ LOOKS[l]![0] }}</span>
      </button>
    </div>
    <p class="muted small">
      Walk a W. At each stop look at {{ heads }} {{ cereal ? 'heads' : 'stems' }}: how many
      {{ LOOKS[looking]![1] }}?
    </p>
    <div class="row my-2">
      <label class="small"
        >{{ cereal ? 'heads' : 'stems' }} a stop
        <input v-model.number="heads" type="number" min="1" max="50" class="in"
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
        <b>{{ percent(answer.share) }}</b> {{ LOOKS[looking]![1] }}, surely between
        {{ percent(answer.low) }} and {{ percent(answer.high) }}.
        <template v-if="answer.decision === 'another'">
          At most {{ answer.stopsLeft }} stops more.</template
        ><template v-if="answer.stage"> The stand is at {{ answer.stage.stage }}.</template>
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
.looks {
  display: flex;
  gap: 8px;
  margin: 8px 0;
}
.looks button {
  flex: 1;
  border: 1px solid var(--rule);
  border-radius: 10px;
  padding: 6px 4px;
  display: flex;
  flex-direction: column;
  align-items: center;
}
.looks .on {
  border: 2px solid var(--leaf);
  background: color-mix(in srgb, var(--leaf-fan) 24%, transparent);
}
.verdict {
  font-size: 1.6rem;
}
.roll {
  color: var(--leaf);
}
</style>
