<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, consider, upload, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import BringFarm from '../../shell/BringFarm.vue'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import ReportsCard from './ReportsCard.vue'

const session = useSession()
const FEEDS = '/api/farms/{farmId}/feeds'
const { data: feeds, again } = useRead(FEEDS)
const made = ref('')
const file = ref<File | null>(null)
const wrong = ref<Refusal | null>(null)
const busy = ref(false)
const base = computed(() => `/api/farms/${session.farm?.id}`)
const archive = computed(() => `${base.value}/archive.zip?units=${session.units}`)
/** What was done and seen, an entry a line, in the reader's units. */
const record = computed(() => `${base.value}/record.csv?units=${session.units}`)

const make = () =>
  attempt(async () => {
    const feed = await consider(FEEDS)
    made.value = location.origin + feed.path
    await again()
  })
const revoke = (feedId: string) =>
  attempt(async () => {
    await alter('DELETE', `${FEEDS}/{feedId}`, {
      path: { feedId },
    })
    made.value = ''
  })

async function bring() {
  if (!file.value) return
  const csv = file.value
  busy.value = true
  wrong.value = null
  await attempt(
    async () => {
      const taken = await upload<Schemas['Taken']>(base.value + '/plan.csv', csv)
      notice.show(
        taken.plans
          ? `Plans of ${taken.plans} fields changed.`
          : 'Nothing in it differs from the plan.',
      )
      file.value = null
    },
    (refusal) => (wrong.value = refusal),
  )
  busy.value = false
}
</script>

<template>
  <div class="page" style="max-width: 820px">
    <h1 class="mb-4">Take the plan away</h1>
    <section class="card mb-4">
      <h2>On paper</h2>
      <p class="muted my-2">
        A sheet for the crew with what to do where and when, and what to watch for.
      </p>
      <v-btn color="primary" to="/sheet">Crew sheet</v-btn>
    </section>
    <ReportsCard />
    <section class="card mb-4">
      <h2>As a table</h2>
      <p class="muted my-2">
        CSV opens in any spreadsheet. The plan has a line a field: change dates, rates or ways there
        and bring it back. The record has a line for all that was done and seen.
      </p>
      <v-btn variant="outlined" :href="base + '/plan.csv'" download>Plan as CSV</v-btn>
      <v-btn variant="outlined" class="ml-2" :href="record" download>Record as CSV</v-btn>
      <form v-if="session.owner" class="mt-4" @submit.prevent="bring">
        <div class="row">
          <v-file-input
            v-model="file"
            label="Bring a changed CSV back"
            accept=".csv"
            class="grow"
          />
          <v-btn variant="outlined" type="submit" :disabled="!file" :loading="busy"
            >Bring back</v-btn
          >
        </div>
        <div v-if="wrong" class="rust mt-2">
          <p v-if="!wrong.errors.length">{{ wrong.message }}</p>
          <ul class="pl-5">
            <li v-for="(e, i) in wrong.errors.slice(0, 20)" :key="i">{{ e.message }}</li>
          </ul>
          <p>Nothing was changed.</p>
        </div>
      </form>
    </section>
    <section class="card mb-4">
      <h2>The whole farm</h2>
      <p class="muted my-2">
        One file with everything: fields, chains, plans, work, record, pictures, papers, weather.
        Another server makes the same farm of it. Who may see the farm stays behind.
      </p>
      <v-btn v-if="session.owner" variant="outlined" :href="archive" download
        >Archive of the farm</v-btn
      >
      <h3 class="mt-5 mb-2">Bring one in</h3>
      <BringFarm />
    </section>
    <section class="card">
      <h2>In a calendar</h2>
      <p class="muted my-2">Accepted plans as all-day entries: seed, end, plant.</p>
      <v-btn variant="outlined" :href="base + '/plan.ics'" download>Calendar file</v-btn>
      <h3 class="mt-5">A calendar that follows the plan</h3>
      <p class="muted my-2">
        A secret address to subscribe to. Whoever has it sees the calendar, so tell nobody; take it
        back when you must.
      </p>
      <p v-if="made" class="made">
        Shown this once: <code>{{ made }}</code>
      </p>
      <table v-if="feeds?.length" class="plain my-3">
        <tbody>
          <tr v-for="f in feeds" :key="f.id">
            <td>made {{ sayDay(f.createdAt.slice(0, 10)) }}</td>
            <td class="n"><button class="rust" @click="revoke(f.id)">Take back</button></td>
          </tr>
        </tbody>
      </table>
      <v-btn variant="outlined" @click="make">Make an address</v-btn>
    </section>
  </div>
</template>
