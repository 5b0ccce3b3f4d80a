<script setup lang="ts">
import { computed, ref } from 'vue'
import { send } from '../../outbox'
import { killCount } from '../../phone/counts'
import { useAnswer } from '../../answer'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { plus } from '../../words/days'
import { counted } from '../../words/lists'
import { kept } from './kept'
import { useFieldLog } from './log'
import NumberPad from './NumberPad.vue'
import RangeBar from './RangeBar.vue'
import { newId } from '../../words/ids'
import { attempt } from '../../shell/attempt'

/** Stems in marked frames, before the ending and some ten days after. */
const props = defineProps<{ fieldId: string }>()
const session = useSession()
const { write } = useFieldLog(props.fieldId)
const numbers = kept<number[]>(`kill-${props.fieldId}`, [])
const frames = computed(() =>
  Array.from({ length: Math.floor(numbers.value.length / 2) }, (_, i) => ({
    before: numbers.value[2 * i]!,
    after: numbers.value[2 * i + 1]!,
  })),
)
const asking = computed(() => (numbers.value.length % 2 ? 'after' : 'before'))

const { answer, trouble } = useAnswer(
  () => (frames.value.length ? JSON.stringify(frames.value) : ''),
  () => killCount({ frames: frames.value, confidence: session.usual('confidence') }),
)
const taken = ref(false)
const percent = (v: number) => `${Math.round(v * 100)} %`

/** Due within the week, before survivors stand up and drink. */
async function secondPass() {
  const today = session.farm?.today ?? ''
  await attempt(async () => {
    const id = newId()
    await send({
      about: id,
      method: 'PUT',
      url: `/api/farms/${session.farm?.id}/fields/${props.fieldId}/follow-ups/${id}`,
      body: {
        kind: 'secondPass',
        dueFrom: today,
        dueTo: plus(today, session.usual('secondLookDays')),
        words: `Second pass: ${percent(answer.value?.kill ?? 0)} dead`,
      },
      said: 'second pass, to look at',
    })
    taken.value = true
    notice.show('It stands under Endings, to look at.')
  })
}

async function keep() {
  if (!answer.value) return
  const done = await write(
    [
      {
        kind: 'counted',
        words: counted(frames.value.length, 'frame', 'frames'),
        figures: { killShare: answer.value.kill },
      },
    ],
    answer.value.secondPass
      ? 'Kept; where it may be sprayed, the work asks for it when it is laid out anew.'
      : 'Kept.',
  )
  if (done) numbers.value = []
}
</script>

<template>
  <div>
    <p class="muted small">
      Frames marked before the ending: stems alive then, stems alive now. Frame
      {{ frames.length + 1 }}, <b>{{ asking }}</b>:
    </p>
    <NumberPad
      :next="asking === 'before' ? 'then after' : 'next frame'"
      @number="(n) => (numbers = [...numbers, n])"
      @back="numbers = numbers.slice(0, -1)"
    >
      <span v-for="(f, i) in frames" :key="i">{{ f.before }} → {{ f.after }}</span>
    </NumberPad>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <section v-if="answer" class="card mt-3">
      <h2 class="verdict">{{ percent(answer.kill) }} dead</h2>
      <RangeBar :low="answer.low" :middle="answer.kill" :high="answer.high" :most="1" :mark="0.9" />
      <p>
        Surely between {{ percent(answer.low) }} and {{ percent(answer.high) }}.
        <template v-if="answer.secondPass">
          <b class="rust">A second pass, or a spray, is due.</b>
          <v-btn
            v-if="session.operator && !taken"
            size="small"
            variant="outlined"
            class="ml-2"
            @click="secondPass"
            >Take it on</v-btn
          >
        </template>
        <template v-else>Enough; look again in a week for regrowth.</template>
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
