<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, type Schemas } from '../../api/client'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { between, sayDay, sayFullDay } from '../../words/days'
import { sentence } from '../../words/reasons'

/** Today and the days after, by machine or by person; one tap logs. */
const props = defineProps<{ work: Schemas['WorkView']; movable: boolean; owner: boolean }>()
const emit = defineEmits<{ changed: [work: Schemas['WorkView']] }>()
const session = useSession()
const by = ref<'machine' | 'person'>('machine')
const all = ref(false)
const opened = ref('')
const places = ref<Schemas['ElsewhereView'][]>([])
type Item = Schemas['ItemView']

const late = computed(() =>
  props.work.items.filter((i) => i.shareDone < 1 && i.finishOn < props.work.today),
)
const days = computed(() => {
  const found = new Map<string, Map<string, { item: Item; hours: number; who: string }[]>>()
  for (const item of props.work.items) {
    for (const s of item.segments) {
      const ahead = between(props.work.today, s.day)
      // The way to a field late in the day says nothing to anyone.
      if (ahead < 0 || s.hours < 0.05 || (!all.value && ahead > 13)) continue
      const lane = by.value === 'machine' ? item.machine : (s.person ?? 'with its own crew')
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
  [...new Set(props.work.items.flatMap((i) => i.segments.map((s) => s.person ?? '')))]
    .filter(Boolean)
    .sort(),
)
const path = (item: Item) => ({ farmId: session.farm?.id ?? '', itemId: item.id })

async function done(item: Item, share: number) {
  const before = item.shareDone
  try {
    emit(
      'changed',
      await ask(
        api.POST('/api/farms/{farmId}/rota/{itemId}/done', {
          params: { path: path(item) },
          body: { share },
        }),
      ),
    )
    notice.show(
      share === 1 ? `${item.field}: done.` : `${item.field}: ${Math.round(share * 100)} % done.`,
      'Undo',
      () => void done({ ...item, shareDone: share }, before),
    )
  } catch (e) {
    notice.show((e as Error).message)
  }
}
async function pin(item: Item, pinned: boolean, startOn?: string) {
  try {
    emit(
      'changed',
      await ask(
        api.POST('/api/farms/{farmId}/rota/{itemId}/pin', {
          params: { path: path(item) },
          body: { pinned, startOn },
        }),
      ),
    )
  } catch (e) {
    notice.show((e as Error).message)
  }
}
async function why(item: Item) {
  if (opened.value === item.id) {
    opened.value = ''
    return
  }
  opened.value = item.id
  places.value = []
  try {
    places.value = await ask(
      api.GET('/api/farms/{farmId}/rota/{itemId}/elsewhere', { params: { path: path(item) } }),
    )
  } catch (e) {
    notice.show((e as Error).message)
  }
}
/** The best place of each machine, and a few days round it. */
const shown = computed(() => {
  const perMachine = new Map<string, number>()
  return places.value.filter((p) => {
    const n = perMachine.get(p.machine) ?? 0
    perMachine.set(p.machine, n + 1)
    return n < 3 || p.here
  })
})
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
          {{ i.machine }}
          <span class="muted small">was for {{ sayDay(i.startOn) }}</span>
        </span>
        <v-btn v-if="movable" size="small" color="primary" @click="done(i, 1)">Done</v-btn>
      </p>
    </div>
    <div v-for="d in days" :key="d.day" class="day">
      <h3>{{ name(d.day) }}</h3>
      <div v-for="[lane, rows] in d.lanes" :key="lane" class="lane">
        <span class="lane-name">{{ lane }}</span>
        <div class="grow">
          <div v-for="r in rows" :key="r.item.id">
            <div class="row job">
              <span class="grow" :class="{ struck: r.item.shareDone >= 1 }">
                <router-link :to="`/fields/${r.item.fieldId}`">{{ r.item.field }}</router-link>:
                {{ r.item.label }}
                <span class="muted small"
                  >{{ session.amount(r.hours, 'HOURS') }} ·
                  {{ by === 'machine' ? r.who : r.item.machine
                  }}<template v-if="r.item.shareDone > 0 && r.item.shareDone < 1">
                    · {{ Math.round(r.item.shareDone * 100) }} % done</template
                  ></span
                >
                <span v-if="r.item.pinned" class="tag">pinned</span>
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
                  v-if="owner && r.item.shareDone < 1"
                  class="link small"
                  @click="why(r.item)"
                >
                  why here?
                </button>
              </span>
            </div>
            <div v-if="opened === r.item.id" class="why small no-print">
              <p v-if="!places.length" class="muted">Trying it everywhere…</p>
              <table v-else class="plain">
                <tbody>
                  <tr v-for="p in shown" :key="p.machine + p.startOn" :class="{ mine: p.here }">
                    <td>{{ sentence(p.label) }}, {{ p.machine }}</td>
                    <td>{{ sayDay(p.startOn) }}</td>
                    <td class="n">
                      <template v-if="Math.abs(p.usd) < 1">as now</template>
                      <template v-else-if="p.usd < 0"
                        >costs {{ session.amount(-p.usd, 'USD') }}</template
                      >
                      <template v-else>brings {{ session.amount(p.usd, 'USD') }} more</template>
                    </td>
                    <td class="n">
                      <button v-if="!p.here" class="link" @click="pin(r.item, true, p.startOn)">
                        pin this day
                      </button>
                    </td>
                  </tr>
                </tbody>
              </table>
              <p class="muted">
                Money of the whole plan, all other jobs kept in their order.
                <button v-if="r.item.pinned" class="link" @click="pin(r.item, false)">unpin</button>
                <button v-else class="link" @click="pin(r.item, true)">pin as it stands</button>
              </p>
            </div>
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
      <a :href="`/api/farms/${session.farm?.id}/rota.ics`">everyone</a
      ><template v-for="p in people" :key="p"
        >,
        <a :href="`/api/farms/${session.farm?.id}/rota.ics?person=${encodeURIComponent(p)}`">{{
          p
        }}</a></template
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
.why {
  background: color-mix(in srgb, var(--soil-band) 14%, transparent);
  padding: 6px 10px;
  border-radius: 8px;
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
