<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { between, sayDay, sayFullDay } from '../../words/days'
import { send, waiting } from '../../outbox'
import WhyHere from './WhyHere.vue'

/** Today and the days after, by machine or by person; one tap logs. */
const props = defineProps<{ work: Schemas['WorkView']; movable: boolean; owner: boolean }>()
const emit = defineEmits<{ changed: [work: Schemas['WorkView']] }>()
const SHOWN_DAYS = 14
const session = useSession()
const by = ref<'machine' | 'person'>('machine')
const all = ref(false)
const opened = ref('')
type Item = Schemas['ItemView']

/** What was tapped without a signal counts at once. */
const items = computed(() =>
  props.work.items.map((i) => {
    const said = waiting.value.filter((w) => w.about === i.id).at(-1)
    return said ? { ...i, shareDone: (said.body as { share: number }).share } : i
  }),
)
const late = computed(() =>
  items.value.filter((i) => i.shareDone < 1 && i.finishOn < props.work.today),
)
const days = computed(() => {
  const found = new Map<string, Map<string, { item: Item; hours: number; who: string }[]>>()
  for (const item of items.value) {
    for (const s of item.segments) {
      const ahead = between(props.work.today, s.day)
      // The way to a field late in the day says nothing to anyone.
      if (ahead < 0 || s.hours < session.usual('leastWork') || (!all.value && ahead >= SHOWN_DAYS))
        continue
      const lane = by.value === 'machine' ? item.doer : (s.person ?? 'with its own crew')
      const day =
        found.get(s.day) ?? new Map<string, { item: Item; hours: number; who: string }[]>()
      const rows = day.get(lane) ?? []
      const same = rows.find((r) => r.item.id === item.id)
      if (same) {
        same.hours += s.hours
        if (s.person && !same.who.includes(s.person)) same.who += `, ${s.person}`
      } else rows.push({ item, hours: s.hours, who: s.person ?? 'own crew' })
      day.set(lane, rows)
      found.set(s.day, day)
    }
  }
  return [...found]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([day, lanes]) => ({ day, lanes: [...lanes].sort(([a], [b]) => a.localeCompare(b)) }))
})
const people = computed(() =>
  [...new Set(items.value.flatMap((i) => i.segments.map((s) => s.person ?? '')))]
    .filter(Boolean)
    .sort(),
)

async function done(item: Item, share: number, day?: string) {
  const before = item.shareDone
  const said =
    share === 1
      ? `${item.field}: done${day ? ' on ' + sayDay(day) : ''}`
      : `${item.field}: ${Math.round(share * 100)} % done`
  try {
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
  } catch (e) {
    notice.show((e as Error).message)
  }
}
/** A job of several days is asked about on one of them. */
const why = (day: string, item: Item) =>
  (opened.value = opened.value === day + item.id ? '' : day + item.id)
const pinned = (item: Item) =>
  props.work.pins.some((p) => p.fieldId === item.fieldId && p.job === item.job)
/** Length of the strip that shows a day's hours. */
const DAY_H = 14
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
    <p v-if="waiting.length" class="small rust" role="status">
      No signal: {{ waiting.length }} {{ waiting.length === 1 ? 'entry waits' : 'entries wait' }} on
      this phone and will be sent.
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
          <div v-for="r in rows" :key="r.item.id">
            <div class="row job">
              <span class="grow" :class="{ struck: r.item.shareDone >= 1 }">
                <router-link :to="`/fields/${r.item.fieldId}`">{{ r.item.field }}</router-link>:
                {{ r.item.label }}{{ r.item.customer ? `, for ${r.item.customer}` : '' }}
                <span class="muted small"
                  >{{ session.amount(r.hours, 'HOURS') }} ·
                  {{ by === 'machine' ? r.who : r.item.doer
                  }}<template v-if="r.item.shareDone > 0 && r.item.shareDone < 1">
                    · {{ Math.round(r.item.shareDone * 100) }} % done</template
                  ></span
                >
                <span v-if="pinned(r.item)" class="tag ml-2">pinned</span>
              </span>
              <span class="no-print acts">
                <template v-if="movable && r.item.shareDone < 1">
                  <v-btn
                    v-if="d.day <= work.today || between(work.today, d.day) <= 1"
                    size="small"
                    color="primary"
                    @click="done(r.item, 1)"
                    >Done</v-btn
                  >
                  <button v-if="d.day <= work.today" class="link small" @click="done(r.item, 0.5)">
                    half
                  </button>
                </template>
                <button
                  v-if="movable && r.item.shareDone >= 1"
                  class="link small"
                  @click="done(r.item, 0)"
                >
                  not done
                </button>
                <button
                  v-if="owner && r.item.shareDone < 1"
                  class="link small"
                  @click="why(d.day, r.item)"
                >
                  why here?
                </button>
              </span>
            </div>
            <WhyHere
              v-if="opened === d.day + r.item.id"
              :field-id="r.item.fieldId"
              :job="r.item.job"
              :field="r.item.field"
              :pins="work.pins"
              @changed="(w) => emit('changed', w)"
            />
          </div>
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
      <a :href="`/api/farms/${session.farm?.id}/field-work.ics`">everyone</a
      ><template v-for="p in people" :key="p"
        >,
        <a
          :href="`/api/farms/${session.farm?.id}/field-work.ics?person=${encodeURIComponent(p)}`"
          >{{ p }}</a
        ></template
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
.acts {
  display: flex;
  gap: 8px;
  align-items: center;
  white-space: nowrap;
}
.struck {
  text-decoration: line-through;
  color: var(--muted);
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
