<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { send, waiting } from '../../outbox'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { between, sayDay, sayFullDay } from '../../words/days'
import DayJob from './DayJob.vue'
import { daysOf, peopleOf, slipped, type Item } from './days'

/** Today and the days after, by machine or by person; one tap logs. */
const props = defineProps<{ work: Schemas['WorkView']; movable: boolean; owner: boolean }>()
const emit = defineEmits<{ changed: [work: Schemas['WorkView']] }>()
const SHOWN_DAYS = 14
/** Length of the strip that shows a day's hours. */
const DAY_H = 14
const session = useSession()
const by = defineModel<'machine' | 'person'>('by', { required: true })
const all = ref(false)
const opened = ref('')

/** What was tapped without a signal counts at once. */
const items = computed(() =>
  props.work.items.map((i) => {
    const said = waiting.value.filter((w) => w.about === i.id && !w.problem).at(-1)
    return said ? { ...i, shareDone: (said.body as { share: number }).share } : i
  }),
)
const late = computed(() => slipped(items.value, props.work.today))
const people = computed(() => peopleOf(items.value))
const days = computed(() =>
  daysOf(
    items.value,
    by.value,
    props.work.today,
    session.usual('leastWork'),
    all.value ? Infinity : SHOWN_DAYS,
  ),
)
const calendar = (person = '') =>
  `/api/farms/${session.farm?.id}/field-work.ics` +
  (person ? `?person=${encodeURIComponent(person)}` : '')

const done = (item: Item, share: number, day?: string): Promise<unknown> =>
  attempt(async () => {
    const before = item.shareDone
    const said =
      share === 1
        ? `${item.field}: done${day ? ' on ' + sayDay(day) : ''}`
        : `${item.field}: ${session.amount(share, 'SHARE')} done`
    const now = await send<Schemas['WorkView']>({
      about: item.id,
      method: 'POST',
      url: `/api/farms/${session.farm?.id}/field-work/${item.id}/done`,
      body: { share, day },
      said,
    })
    if (now) emit('changed', now)
    notice.show(
      now ? said + '.' : said + '; it is sent when there is a signal.',
      'Undo',
      () => void done({ ...item, shareDone: share }, before),
    )
  })
/** A job of several days is asked about on one of them. */
const why = (key: string) => (opened.value = opened.value === key ? '' : key)
const total = (rows: { hours: number }[]) =>
  session.amount(
    rows.reduce((sum, r) => sum + r.hours, 0),
    'HOURS',
  )
const name = (day: string) => {
  const ahead = between(props.work.today, day)
  return ahead === 0 ? 'Today' : ahead === 1 ? 'Tomorrow' : sayFullDay(day).replace(/ \d{4}$/, '')
}
</script>

<template>
  <section class="card">
    <div class="row mb-2">
      <h2 class="grow">The next days</h2>
      <v-btn-toggle v-model="by" mandatory density="compact" class="no-print">
        <v-btn value="machine">By machine</v-btn>
        <v-btn value="person">By person</v-btn>
      </v-btn-toggle>
    </div>
    <p v-if="!work.items.length" class="muted">
      Nothing is laid out yet. With plans on fields, machines in the shed and a crew, “Lay out the
      work” proposes who does what and when.
    </p>
    <div v-if="late.length" class="late">
      <h3 class="rust">Slipped</h3>
      <p v-for="i in late" :key="i.id" class="row job">
        <span class="grow">
          <router-link :to="`/fields/${i.fieldId}`">{{ i.field }}</router-link>: {{ i.label }},
          {{ i.doer }}
          <span class="muted small">was for {{ sayDay(i.startOn) }}</span>
        </span>
        <v-btn v-if="movable" size="small" color="primary" @click="done(i, 1, i.finishOn)"
          >Done on its day</v-btn
        >
        <button v-if="movable" class="link small" @click="done(i, 1)">today</button>
      </p>
    </div>
    <div v-for="d in days" :key="d.day" class="day">
      <h3>{{ name(d.day) }}</h3>
      <div v-for="[lane, rows] in d.lanes" :key="lane" class="lane">
        <span class="lane-name"
          >{{ lane }}
          <span class="strip" :title="`${total(rows)} of a ${DAY_H} h day`">
            <i
              v-for="r in rows"
              :key="r.item.id"
              :class="{ done: r.item.shareDone >= 1 }"
              :style="{ width: (100 * Math.min(r.hours, DAY_H)) / DAY_H + '%' }"
            />
          </span>
        </span>
        <div class="grow">
          <DayJob
            v-for="r in rows"
            :key="r.item.id"
            :row="r"
            :day="d.day"
            :by="by"
            :work="work"
            :movable="movable"
            :owner="owner"
            :opened="opened === d.day + r.item.id"
            @done="done(r.item, $event)"
            @why="why(d.day + r.item.id)"
            @changed="emit('changed', $event)"
          />
        </div>
      </div>
    </div>
    <p v-if="work.items.length" class="no-print mt-2">
      <button class="link small" @click="all = !all">
        {{ all ? 'Only two weeks' : 'All days' }}
      </button>
    </p>
    <p v-if="people.length" class="small muted no-print">
      Calendars:
      <a :href="calendar()">everyone</a
      ><template v-for="p in people" :key="p"
        >, <a :href="calendar(p)">{{ p }}</a></template
      >
    </p>
  </section>
</template>

<style scoped>
.day {
  border-top: 1px solid var(--rule);
  padding: 8px 0;
}
.lane {
  display: flex;
  gap: 12px;
  padding: 3px 0;
}
.lane-name {
  flex: 0 0 140px;
  color: var(--muted);
  font-size: 0.86rem;
  padding-top: 4px;
}
.strip {
  display: flex;
  gap: 2px;
  height: 5px;
  margin-top: 4px;
  border-radius: 2px;
  overflow: hidden;
  background: color-mix(in srgb, var(--soil-band) 22%, transparent);
}
.strip i {
  background: var(--leaf);
}
.strip i.done {
  background: var(--muted);
}
.job {
  gap: 8px;
  padding: 2px 0;
  flex-wrap: nowrap;
}
.late {
  padding-bottom: 8px;
}
@media (max-width: 700px) {
  .lane {
    display: block;
  }
}
</style>
