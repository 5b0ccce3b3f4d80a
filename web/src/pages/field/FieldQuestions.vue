<script lang="ts">
/** The question that was opened last, by cover, while the window lives. */
const turned = new Map<string, Question>()
</script>

<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { FieldSeason, PlanInput } from '../../api/client'
import { linkLooked } from '../../farm/now'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'
import { answers, nextQuestion, QUESTIONS, type Question } from './questions'

/** Five questions in the order of work, each with its answer in a line; one is open at a time. */
const props = defineProps<{ shown: FieldSeason; plan: PlanInput | null }>()
const emit = defineEmits<{ open: [question: Question | null] }>()
const session = useSession()
const kinds = useKinds()
const open = ref<Question | null>(null)
const cover = computed(() => `${props.shown.field.id} ${linkLooked.value ?? ''}`)
// What is tried does not turn the page under the reader's hand, nor does coming back to it.
watch(
  cover,
  (at) =>
    (open.value =
      turned.get(at) ?? nextQuestion(props.shown.furrow.next.kind, !!props.shown.furrow.plan)),
  { immediate: true },
)
watch(open, (now) => emit('open', now), { immediate: true })
const answer = computed(() =>
  answers(props.shown, props.plan, {
    species: (id) => kinds.species(id)?.name ?? id,
    method: (key) => kinds.method(key)?.label ?? key,
    ending: (key) => kinds.ending(key)?.label ?? key,
    day: sayDay,
    rate: (kg) => session.amount(kg, 'KG_PER_HA'),
    share: (share) => session.amount(share, 'SHARE'),
  }),
)
function turn(key: Question) {
  open.value = open.value === key ? null : key
  if (open.value) turned.set(cover.value, open.value)
  else turned.delete(cover.value)
}
</script>

<template>
  <div class="questions">
    <section v-for="q in QUESTIONS" :key="q.key" class="question" :class="{ open: open === q.key }">
      <h2>
        <button
          class="ask"
          :aria-expanded="open === q.key"
          :aria-controls="`answer-${q.key}`"
          @click="turn(q.key)"
        >
          <span class="title">{{ q.title }}</span>
          <span class="text">{{ sentence(answer[q.key].text) }}</span>
          <span class="odds">{{ answer[q.key].odds }}</span>
          <span class="turn" aria-hidden="true">{{ open === q.key ? '−' : '+' }}</span>
        </button>
      </h2>
      <div v-if="open === q.key" :id="`answer-${q.key}`" class="inside">
        <slot :name="q.key" />
      </div>
    </section>
  </div>
</template>

<style scoped>
.questions {
  display: flex;
  flex-direction: column;
  min-width: 0;
  border: 1px solid var(--rule);
  border-radius: 12px;
  overflow: hidden;
  background: rgb(var(--v-theme-surface));
}
.question + .question {
  border-top: 1px solid var(--rule);
}
.ask {
  display: grid;
  grid-template-columns: 118px 1fr auto 18px;
  gap: 12px;
  align-items: baseline;
  width: 100%;
  min-height: 52px;
  padding: 14px 18px;
  text-align: left;
  cursor: pointer;
}
.ask:hover,
.open .ask {
  background: color-mix(in srgb, var(--rule) 34%, transparent);
}
.title {
  font-size: 1rem;
  font-weight: 650;
}
.text {
  font-size: 0.95rem;
  font-weight: 400;
}
.odds {
  font-size: 0.9rem;
  font-weight: 550;
  font-variant-numeric: tabular-nums;
  text-align: right;
}
.turn {
  color: var(--muted);
  text-align: right;
}
.inside {
  display: flex;
  flex-direction: column;
}
.inside :deep(> .card) {
  border: 0;
  border-radius: 0;
}
.inside :deep(> .card + .card) {
  border-top: 1px solid var(--rule);
}
@media (max-width: 600px) {
  .ask {
    grid-template-columns: 1fr auto 18px;
    padding: 12px 14px;
  }
  .text {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
@media print {
  .turn {
    display: none;
  }
}
</style>
