<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, atOnce, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { between, sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { useKinds } from '../../words/kinds'
import { useEndingRows } from './useEndingRows'

/** All fields' endings: what leads, what is planned, what was chosen; many kept at once. */
const session = useSession()
const kinds = useKinds()
const FOLLOW_UPS = '/api/farms/{farmId}/follow-ups'
type FollowUp = Schemas['FollowUpView']
const { rows, known, years, answered, running, trouble, stop, goOn } = useEndingRows()
const { data: follow } = useRead(FOLLOW_UPS)
const picked = ref<string[]>([])
const why = ref('')
const find = ref('')
const today = computed(() => session.farm?.today ?? '')

const listed = computed(() =>
  rows.value
    .filter((r) =>
      `${r.field} ${r.cover} ${r.planned?.label ?? ''} ${r.purpose}`
        .toLowerCase()
        .includes(find.value.toLowerCase()),
    )
    .sort((a, b) => when(a).localeCompare(when(b))),
)
const when = (r: (typeof rows.value)[number]) => r.meant?.endOn ?? r.best?.endOn ?? '9999'
const open = computed(() => (follow.value ?? []).filter((u) => !u.doneOn))
const due = (u: FollowUp) =>
  between(today.value, u.dueTo) < 0 ? 'late' : between(today.value, u.dueFrom) <= 0 ? 'now' : ''

const keepBest = () =>
  attempt(async () => {
    const got = await alter('POST', '/api/farms/{farmId}/endings/best', {
      body: { fields: picked.value, why: why.value },
    })
    picked.value = []
    why.value = ''
    notice.show(`${got.changed} ${got.changed === 1 ? 'field' : 'fields'} follow the best way now.`)
  })
const done = (u: FollowUp, doneOn: string | undefined): Promise<unknown> =>
  attempt(async () => {
    const now = (was: FollowUp[]) => was.map((o) => (o.id === u.id ? { ...o, doneOn } : o))
    await atOnce(FOLLOW_UPS, {}, now, () =>
      alter('POST', `${FOLLOW_UPS}/{id}/done`, { path: { id: u.id }, body: { doneOn } }),
    )
    if (doneOn) notice.show('Done.', 'Undo', () => void done(u, undefined))
  })
const all = computed({
  get: () => picked.value.length > 0 && picked.value.length === choosable.value.length,
  set: (on: boolean) => (picked.value = on ? choosable.value.map((r) => r.fieldId) : []),
})
const choosable = computed(() => listed.value.filter((r) => !r.endedOn && r.best))
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <div class="grow">
        <h1>Endings</h1>
        <p class="muted">
          How each cover ends, soonest first. Best is by the field’s own reason: odds it is met,
          less cost, late planting and nitrogen.
        </p>
      </div>
      <v-text-field
        v-model="find"
        label="Filter"
        clearable
        class="no-print"
        style="max-width: 220px"
        @click:clear="find = ''"
      />
      <v-btn variant="text" to="/rules" class="no-print">Rules and prices</v-btn>
    </header>
    <p v-if="trouble" class="card rust">{{ trouble }}</p>
    <p v-if="answered < rows.length" class="row muted mb-2 no-print" role="status">
      <span
        >Every way of ending, run through {{ years }} years: {{ answered }} of
        {{ rows.length }} fields.</span
      >
      <v-btn v-if="running" size="small" variant="text" @click="stop">Stop</v-btn>
      <v-btn v-else size="small" variant="outlined" @click="goOn">Go on</v-btn>
    </p>
    <p v-if="known && !rows.length" class="card">
      No field has a plan yet. <router-link to="/season">Plan a cover</router-link>, and its ending
      shows here.
    </p>

    <section v-if="open.length" class="card mb-4">
      <h2>To look at</h2>
      <table class="plain">
        <tbody>
          <tr v-for="u in open" :key="u.id">
            <td class="nowrap">
              {{ sayDay(u.dueFrom) }} to {{ sayDay(u.dueTo) }}
              <span v-if="due(u)" class="tag" :class="due(u) === 'late' ? 'bad' : 'good'">{{
                due(u)
              }}</span>
            </td>
            <td>
              <router-link :to="`/fields/${u.fieldId}/end`">{{ u.field }}</router-link>
            </td>
            <td>{{ u.words }}</td>
            <td class="n no-print">
              <v-btn v-if="session.operator" size="small" @click="done(u, today)">Done</v-btn>
            </td>
          </tr>
        </tbody>
      </table>
    </section>

    <section v-if="rows.length" class="card">
      <div class="scroll">
        <table class="plain">
          <thead>
            <tr>
              <th class="no-print">
                <input v-if="session.owner" v-model="all" type="checkbox" aria-label="All fields" />
              </th>
              <th>field</th>
              <th class="planned">planned ending</th>
              <th class="n">goal met</th>
              <th class="n desk">mulch</th>
              <th>best way</th>
              <th class="n">goal met</th>
              <th class="desk">why it was chosen</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="r in listed" :key="r.fieldId">
              <td class="no-print">
                <input
                  v-if="session.owner && !r.endedOn && r.best"
                  v-model="picked"
                  type="checkbox"
                  :value="r.fieldId"
                  :aria-label="r.field"
                />
              </td>
              <td>
                <router-link :to="`/fields/${r.fieldId}/end`">{{ r.field }}</router-link>
                <div class="muted small">
                  {{ r.cover }}<template v-if="r.purpose">; {{ r.purpose }}</template>
                </div>
              </td>
              <td>
                <template v-if="r.endedOn">ended {{ sayDay(r.endedOn) }}</template>
                <template v-else-if="!r.planned && r.meant">
                  {{ sentence(kinds.ending(r.meant.way)?.label ?? r.meant.way) }}
                  <div class="muted small">{{ sayDay(r.meant.endOn) }}</div>
                  <div v-if="r.none" class="rust small">no cover to end, as it is planned now</div>
                </template>
                <template v-else-if="r.planned">
                  {{ sentence(r.planned.label) }}
                  <div class="muted small">
                    {{ sayDay(r.meant?.endOn ?? r.planned.endOn) }}, plant
                    {{ sayDay(r.meant?.plantOn ?? r.planned.plantOn) }}
                    <template v-if="r.meant && r.meant.endOn !== r.planned.endOn"
                      ><br />weighed as of {{ sayDay(r.planned.endOn) }}</template
                    >
                  </div>
                  <div v-if="r.planned.barred" class="rust small">
                    {{ sentence(session.reason(r.planned.barred)) }}
                  </div>
                  <div v-else-if="!r.planned.insurerKept" class="rust small">
                    {{ sentence(session.reason(r.planned.insurer)) }}
                  </div>
                </template>
              </td>
              <td class="n nowrap">
                <template v-if="r.planned?.outcome"
                  >{{ r.planned.outcome.met }} of {{ r.planned.outcome.years }}</template
                >
                <span v-else class="muted">–</span>
              </td>
              <td class="n desk nowrap">
                <template v-if="r.planned?.outcome">{{
                  session.amount(r.planned.outcome.mulch.middle, 'MG_PER_HA')
                }}</template>
              </td>
              <td>
                <template v-if="r.best && r.best.way !== r.planned?.way">
                  {{ sentence(r.best.label) }}
                  <div class="muted small">
                    {{ kinds.ending(r.best.way)?.ofItself ? 'by frost' : sayDay(r.best.endOn) }},
                    plant
                    {{ sayDay(r.best.plantOn) }}
                  </div>
                </template>
                <span v-else-if="r.best" class="tag good">as planned</span>
              </td>
              <td class="n nowrap">
                <template v-if="r.best?.outcome && r.best.way !== r.planned?.way"
                  >{{ r.best.outcome.met }} of {{ r.best.outcome.years }}</template
                >
              </td>
              <td class="desk muted small">{{ r.chosen?.why }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <form v-if="picked.length" class="row mt-3 no-print" @submit.prevent="keepBest">
        <v-text-field v-model="why" label="Why, in a few words" style="max-width: 360px" />
        <v-btn color="primary" type="submit"
          >Take the best way on {{ picked.length }}
          {{ picked.length === 1 ? 'field' : 'fields' }}</v-btn
        >
      </form>
    </section>
  </div>
</template>

<style scoped>
.planned {
  width: 24%;
}
</style>
