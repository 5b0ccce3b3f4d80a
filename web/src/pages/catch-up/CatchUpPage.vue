<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, useUnsaid, type CatchUpAnswer, type Unsaid } from '../../catchUp'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { between, sayDay } from '../../words/days'

/** What should have happened: said in one place, one by one or all at once. */
const session = useSession()
const { data, trouble } = useUnsaid()
const unsaid = computed(() => data.value ?? [])
const busy = ref(false)
const onDay = ref<string | null>(null)
const partly = ref<string | null>(null)
const day = ref('')
const tenths = ref(session.usual('partTenths'))
const GROUPS: { deed: string; title: string }[] = [
  { deed: 'harvested', title: 'Harvest' },
  { deed: 'seeded', title: 'Seeding' },
  { deed: 'ended', title: 'Endings' },
  { deed: 'planted', title: 'Planting' },
]
const groups = computed(() =>
  GROUPS.map((g) => ({ ...g, rows: unsaid.value.filter((u) => u.deed === g.deed) })).filter(
    (g) => g.rows.length,
  ),
)
const oldest = computed(() => unsaid.value[0]?.meantFor)
const key = (u: Unsaid) => u.fieldId + u.deed
const ago = (u: Unsaid) => between(u.meantFor, session.farm?.today ?? u.meantFor)

async function say(answers: CatchUpAnswer[], words: string) {
  busy.value = true
  await attempt(async () => {
    const back = await answer(answers)
    onDay.value = partly.value = null
    notice.show(words, 'Undo', () => void attempt(back))
  })
  busy.value = false
}
const of = (
  u: Unsaid,
  said: CatchUpAnswer['said'],
  more: Partial<CatchUpAnswer> = {},
): CatchUpAnswer => ({
  fieldId: u.fieldId,
  deed: u.deed,
  said,
  ...more,
})
const allAsPlanned = (rows: Unsaid[]) =>
  say(
    rows.map((u) => of(u, 'asPlanned')),
    `${rows.length} written down as planned.`,
  )
function ask(which: 'onDay' | 'partly', u: Unsaid) {
  onDay.value = which === 'onDay' ? key(u) : null
  partly.value = which === 'partly' ? key(u) : null
  day.value = u.meantFor
}
</script>

<template>
  <div class="page" style="max-width: 980px">
    <h1 class="mb-1">Catching up</h1>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <p v-else-if="data && !unsaid.length" class="muted mb-4">
      Nothing is unsaid: all whose day has passed is written down.
      <router-link to="/work">To the work</router-link>
    </p>
    <p v-else-if="oldest" class="muted mb-4">
      {{ unsaid.length }} {{ unsaid.length === 1 ? 'thing' : 'things' }} should have happened since
      {{ sayDay(oldest) }}. Until you say, harvest and planting count as done, seedings and endings
      as not done.
    </p>
    <section v-for="g in groups" :key="g.deed" class="card mb-4">
      <div class="row mb-2">
        <h2 class="grow">{{ g.title }}</h2>
        <v-btn
          v-if="session.operator && g.rows.length > 1"
          size="small"
          variant="outlined"
          :disabled="busy"
          @click="allAsPlanned(g.rows)"
          >All {{ g.rows.length }} as planned</v-btn
        >
      </div>
      <div v-for="u in g.rows" :key="key(u)" class="unsaid">
        <div class="grow">
          <router-link :to="`/fields/${u.fieldId}`"
            ><b>{{ u.field }}</b></router-link
          >, {{ u.words }}
          <span class="muted"
            >· meant for {{ sayDay(u.meantFor) }}, {{ ago(u) }}
            {{ ago(u) === 1 ? 'day' : 'days' }} ago</span
          >
          <p class="small" :class="{ rust: u.state !== 'LIKELY' }">
            {{ session.reason(u.counts)
            }}<template v-for="(c, i) in u.consequences" :key="i"
              >{{ i ? ', ' : '; ' }}{{ session.reason(c) }}</template
            >
          </p>
        </div>
        <div v-if="session.operator" class="acts">
          <v-btn
            size="small"
            color="primary"
            :disabled="busy"
            @click="say([of(u, 'asPlanned')], `${u.field}: written down as planned.`)"
            >As planned</v-btn
          >
          <v-btn size="small" variant="outlined" :disabled="busy" @click="ask('onDay', u)"
            >Another day</v-btn
          >
          <v-btn size="small" variant="text" :disabled="busy" @click="ask('partly', u)"
            >Partly</v-btn
          >
          <v-btn
            size="small"
            variant="text"
            :disabled="busy"
            @click="
              say([of(u, 'notDone')], `${u.field}: not done; it is asked again in three days.`)
            "
            >Not done</v-btn
          >
        </div>
        <form
          v-if="onDay === key(u)"
          class="row more"
          @submit.prevent="say([of(u, 'onDay', { day })], `${u.field}: ${sayDay(day)}.`)"
        >
          <v-text-field v-model="day" type="date" label="Done on" style="max-width: 200px" />
          <v-btn type="submit" variant="outlined" :disabled="busy || !day">Write down</v-btn>
        </form>
        <form
          v-if="partly === key(u)"
          class="row more"
          @submit.prevent="
            say([of(u, 'partly', { share: tenths / 10 })], `${u.field}: ${tenths} tenths done.`)
          "
        >
          <v-slider
            v-model="tenths"
            :min="1"
            :max="9"
            :step="1"
            :label="`${tenths} tenths done`"
            hide-details
            style="max-width: 380px"
          />
          <v-btn type="submit" variant="outlined" :disabled="busy">Write down</v-btn>
        </form>
      </div>
    </section>
  </div>
</template>

<style scoped>
.unsaid {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  padding: 10px 0;
  border-top: 1px solid var(--rule);
}
.unsaid .grow {
  min-width: 280px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.more {
  flex-basis: 100%;
}
</style>
