<script setup lang="ts">
import { computed } from 'vue'
import { standCount } from '../../phone/counts'
import { useAnswer } from '../../answer'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { shown, toSi } from '../../words/units'
import { kept } from './kept'
import { useFieldLog } from './log'
import NumberPad from './NumberPad.vue'
import RangeBar from './RangeBar.vue'

/** The cash crop's plants along lengths of row, against what was planted. */
const props = defineProps<{ fieldId: string; crop: string }>()
const session = useSession()
const { write } = useFieldLog(props.fieldId)
const counts = kept<number[]>(`crop-${props.fieldId}`, [])
const length = kept<number | undefined>(
  `crop-length-${props.fieldId}`,
  session.usual('cropRowLength'),
)
const spacing = kept<number | undefined>('crop-spacing', session.usual('cropRowSpacing'))
const planted = kept<number | undefined>(`planted-${props.fieldId}`, session.usual('cropPlants'))
const area = computed(() => (length.value ?? 0) * (spacing.value ?? 0))
const { answer, trouble } = useAnswer(
  () =>
    counts.value.length && area.value > 0
      ? JSON.stringify([counts.value, area.value, planted.value])
      : '',
  () =>
    standCount({
      counts: counts.value,
      frameM2: area.value,
      liveSeedsPerM2: planted.value,
      confidence: session.usual('confidence'),
    }),
)
/** Rounded: a count along rows is not known to the plant. */
const many = (perM2: number) => {
  const hundreds = Math.round(shown(perM2, 'CROP_PER_M2', session.units) / 100)
  return session.amount(toSi(hundreds * 100, 'CROP_PER_M2', session.units), 'CROP_PER_M2')
}
async function keep() {
  if (!answer.value) return
  const done = await write(
    [
      {
        kind: 'cropStand',
        words: `${props.crop}: ${many(answer.value.plantsPerM2)} in ${counts.value.length} lengths`,
        figures: { plantsPerM2: answer.value.plantsPerM2 },
      },
    ],
    'Kept.',
  )
  if (done) counts.value = []
}
</script>

<template>
  <div>
    <p class="muted small">
      Plants in a length of row; 17 ft 5 in (5.31 m) of 30 in rows is a thousandth of an acre.
    </p>
    <div class="row my-2">
      <FigureField v-model="length" label="Length" unit="M" :digits="2" />
      <FigureField v-model="spacing" label="Rows" unit="M" :digits="2" />
      <FigureField v-model="planted" label="Seeds planted" unit="PER_M2" :digits="2" />
    </div>
    <NumberPad
      next="next length"
      @number="(n) => (counts = [...counts, n])"
      @back="counts = counts.slice(0, -1)"
    >
      <span v-for="(c, i) in counts" :key="i">{{ c }}</span>
    </NumberPad>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <section v-if="answer" class="card mt-3">
      <h2 class="verdict">{{ many(answer.plantsPerM2) }}</h2>
      <RangeBar
        :low="answer.low"
        :middle="answer.plantsPerM2"
        :high="answer.high"
        :most="1.2 * Math.max(answer.high, planted ?? 0)"
        :mark="planted"
      />
      <p>
        Surely between {{ many(answer.low) }} and {{ many(answer.high)
        }}<template v-if="answer.shareOfLiveSeed !== undefined"
          >; {{ session.amount(answer.shareOfLiveSeed, 'SHARE') }} of what was planted</template
        >.
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
