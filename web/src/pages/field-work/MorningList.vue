<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { read } from '../../farm/data'
import { useAnswer } from '../../answer'
import { useSession } from '../../session'
import { plus, sayFullDay } from '../../words/days'
import { sentence } from '../../words/reasons'

/** What each driver is told in the morning: in order, by the clock, with what goes in the box. */
const props = defineProps<{
  today: string
  stamp: string
  /** What it is called in the place of its day. */
  title?: string
  /** Whose day comes first. */
  mine?: string
  /** Whether a job can be logged from here. */
  movable?: boolean
}>()
defineEmits<{ done: [itemId: string, field: string] }>()
const MIDNIGHT = 24
const session = useSession()
const ahead = ref(0)
const day = computed(() => plus(props.today, ahead.value))
const { answer: morning, trouble } = useAnswer(
  () => JSON.stringify([day.value, props.stamp]),
  () => read('/api/farms/{farmId}/field-work/morning', { query: { day: day.value } }),
)
type Task = Schemas['Task']
/** One's own day first, the others as they are. */
const people = computed(() => {
  const all = morning.value?.people ?? []
  return [...all.filter((p) => p.who === props.mine), ...all.filter((p) => p.who !== props.mine)]
})
const clock = (hour: number) => {
  const quarters = Math.round(hour * 4)
  const [h, m] = [Math.floor(quarters / 4), (quarters % 4) * 15]
  return `${h % MIDNIGHT}:${String(m).padStart(2, '0')}`
}
/** Nobody is out before five or after ten at night. */
const goes = (t: Task) =>
  t.goes
    .map(
      (s) =>
        [
          Math.max(session.usual('workFrom'), s.from),
          Math.min(session.usual('workUntil'), s.to),
        ] as const,
    )
    .filter(([from, to]) => to > from)
    .map(([from, to]) => `${from}–${to}`)
    .join(', ')
/** Work that runs past the hours that go is said before anyone drives out. */
const past = (t: Task) => t.goes.length > 0 && t.to > (t.goes.at(-1)?.to ?? MIDNIGHT) + 0.5
</script>

<template>
  <section class="card mb-4 morning">
    <div class="row">
      <h2 class="grow">{{ title && !ahead ? title : sayFullDay(day) }}</h2>
      <v-btn-toggle v-model="ahead" mandatory density="compact" class="no-print">
        <v-btn :value="0">Today</v-btn>
        <v-btn :value="1">Tomorrow</v-btn>
      </v-btn-toggle>
    </div>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <p v-else-if="morning && !morning.people.length" class="muted">Nothing is laid out for it.</p>
    <div v-for="p in people" :key="p.who" class="person">
      <h3>{{ p.who }}</h3>
      <ol>
        <li v-for="t in p.tasks" :key="t.itemId">
          <span class="time"
            >{{ clock(t.from) }}<small>to {{ clock(t.to) }}</small></span
          >
          <div class="grow">
            <router-link :to="`/fields/${t.fieldId}`">{{ t.field }}</router-link>: {{ t.label
            }}<template v-if="t.doer !== p.who">, {{ t.doer }}</template>
            <span v-if="t.carriedOver" class="tag">begun before</span>
            <span v-if="t.goesOn" class="tag">goes on tomorrow</span>
            <div v-if="t.where" class="muted small">{{ session.reason(t.where) }}</div>
            <div v-for="s in t.seed?.seeds ?? []" :key="s.name" class="small">
              {{ s.name }}: set <b>{{ session.amount(s.rateKgPerHa, 'KG_PER_HA', 1) }}</b>,
              {{ session.amount(s.kg, 'KG') }}
              <template v-if="s.lot">from lot {{ s.lot }}</template>
              <span v-else class="rust">no lot in stock holds enough</span>
              <span v-if="s.treated" class="tag bad">treated</span>
            </div>
            <div v-if="t.seed" class="small">
              <template v-if="t.seed.setting !== undefined"
                >begin at <b>{{ t.seed.setting.toFixed(1) }}</b>;
              </template>
              <template v-if="t.seed.loads && t.seed.kgPerLoad"
                >{{ t.seed.loads }} {{ t.seed.loads === 1 ? 'load' : 'loads' }} of
                {{ session.amount(t.seed.kgPerLoad, 'KG') }}</template
              >
              <span v-if="t.seed.note" class="rust"
                >· {{ sentence(session.reason(t.seed.note)) }}</span
              >
            </div>
            <div v-if="t.seed?.rateFor" class="small rust">
              ▲ The rate is for “{{ t.seed.rateFor }}”, as the field’s plan has it: change the plan
              before going.
            </div>
            <div v-if="t.goes.length" class="small" :class="past(t) ? 'rust' : 'muted'">
              goes {{ goes(t) }} h<template v-if="past(t)">: it may not be done today</template>
            </div>
            <div v-else-if="morning?.hoursKnown" class="small rust">
              No hour of the day goes for this by the forecast: have something else in hand.
            </div>
          </div>
          <span v-if="movable" class="acts no-print">
            <v-btn
              v-if="t.seed"
              size="small"
              variant="text"
              :to="`/fields/${t.fieldId}/job`"
              :aria-label="`Sheet of ${t.field}`"
              >Sheet</v-btn
            >
            <v-btn
              v-if="!ahead"
              size="small"
              color="primary"
              :aria-label="`${t.field}: ${t.label}, done`"
              @click="$emit('done', t.itemId, t.field)"
              >Done</v-btn
            >
          </span>
        </li>
      </ol>
    </div>
  </section>
</template>

<style scoped>
.person {
  margin-top: 10px;
}
ol {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  gap: 12px;
  padding: 7px 0;
  border-top: 1px solid var(--rule);
}
.acts {
  flex: none;
}
@media (max-width: 700px) {
  .acts .v-btn {
    min-height: 44px;
  }
}
.time {
  flex: 0 0 56px;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
}
.time small {
  display: block;
  font-weight: 400;
  color: var(--muted);
}
</style>
