<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { Refusal, type Schemas } from '../../api/client'
import { alter, read, upload } from '../../farm/data'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { sayFullDay } from '../../words/days'
import { readNumber } from '../../words/numbers'
import { shown, toSi, unitName } from '../../words/units'

const session = useSession()
const stations = ref<Schemas['StationView'][] | null>(null)
const form = ref({ name: '', latitude: '', elevation: '', coastal: false })
const adding = ref(false)
const target = ref('')
const file = ref<File | null>(null)
const check = ref<Schemas['FileCheck'] | null>(null)
const columns = ref<Schemas['Columns']>({ date: '', tmin: '', tmax: '', precip: '' })
const units = ref({ temperature: 'C', precip: 'mm', wind: 'ms', date: 'iso' })
const fillGaps = ref(false)
const report = ref<Schemas['ImportReport'] | null>(null)
const wrong = ref<Refusal | null>(null)
const busy = ref(false)
const base = computed(() => `/api/farms/${session.farm?.id}/stations`)
const path = computed(() => ({ farmId: session.farm?.id ?? '' }))

async function load() {
  stations.value = await read('/api/farms/{farmId}/stations', { path: path.value })
  adding.value = !stations.value.length
}

async function guard(work: () => Promise<void>) {
  busy.value = true
  wrong.value = null
  try {
    await work()
  } catch (e) {
    wrong.value = e as Refusal
  }
  busy.value = false
}

const add = () =>
  guard(async () => {
    const latitude = readNumber(form.value.latitude, session.units)
    const elevation = readNumber(form.value.elevation, session.units)
    if (latitude.value === undefined || elevation.value === undefined) {
      throw new Refusal(
        422,
        latitude.problem ||
          elevation.problem ||
          'Give the station’s latitude and elevation: both bear on sun and water demand.',
      )
    }
    const latitudeDeg = latitude.value
    const elevationM = toSi(elevation.value, 'M', session.units)
    const body = { name: form.value.name, latitudeDeg, elevationM, coastal: form.value.coastal }
    if (editing.value)
      await alter('PUT', '/api/farms/{farmId}/stations/{stationId}', {
        path: { stationId: editing.value },
        body,
      })
    else await alter('POST', '/api/farms/{farmId}/stations', { path: path.value, body })
    editing.value = ''
    adding.value = false
    session.farms = await read('/api/farms')
    await load()
  })

const use = (id: string) =>
  guard(async () => {
    await alter('PUT', '/api/farms/{farmId}/stations/{stationId}/use', {
      path: { stationId: id },
    })
    session.farms = await read('/api/farms')
    notice.show('The farm now lives under this station.')
  })

const editing = ref('')
function edit(s: Schemas['StationView']) {
  editing.value = s.id
  adding.value = true
  const high = shown(s.elevationM, 'M', session.units)
  form.value = {
    name: s.name,
    latitude: String(s.latitudeDeg),
    elevation: String(Math.round(high)),
    coastal: s.coastal,
  }
}
const remove = (s: Schemas['StationView']) =>
  guard(async () => {
    await alter('DELETE', '/api/farms/{farmId}/stations/{stationId}', {
      path: { stationId: s.id },
    })
    notice.show(`${s.name} is taken away.`)
    await load()
  })

const look = () =>
  guard(async () => {
    report.value = null
    check.value = null
    if (!file.value) return
    const found = await upload<Schemas['FileCheck']>(
      `${base.value}/${target.value}/check`,
      file.value,
    )
    check.value = found
    columns.value = { ...found.guess }
  })

const store = () =>
  guard(async () => {
    if (!file.value) return
    report.value = await upload<Schemas['ImportReport']>(
      `${base.value}/${target.value}/import`,
      file.value,
      {
        mapping: { columns: columns.value, units: units.value, fillGaps: fillGaps.value },
      },
    )
    if (report.value.stored) await load()
  })

const elevationUnit = computed(() => unitName('M', session.units))
const elevation = (m: number) => session.amount(m, 'M', 0)
const column = (optional: boolean) => [
  ...(optional ? [{ title: 'none', value: undefined }] : []),
  ...(check.value?.columns ?? []).filter((c) => c).map((c) => ({ title: c, value: c })),
]
onMounted(() => guard(load))
</script>

<template>
  <div class="page" style="max-width: 900px">
    <h1 class="mb-1">Weather</h1>
    <p class="muted mb-4">
      Windows and odds come from the years of one station: daily lowest and highest temperature and
      rain, wind and dew point if you have them. One past year will do to begin with, thirty are
      good.
    </p>
    <p v-if="wrong" class="card rust mb-4">{{ wrong.message }}</p>

    <section v-for="s in stations ?? []" :key="s.id" class="card mb-4">
      <div class="row">
        <div class="grow">
          <h2>
            {{ s.name }}
            <span v-if="session.farm?.stationId === s.id" class="tag good">in use</span>
          </h2>
          <p class="muted">
            {{ s.latitudeDeg.toFixed(2) }}° latitude, {{ elevation(s.elevationM)
            }}<template v-if="s.coastal">, near the sea</template>
          </p>
          <p v-if="s.first && s.last">
            {{ sayFullDay(s.first) }} to {{ session.farm?.demo ? 'today' : sayFullDay(s.last)
            }}<template v-if="!session.farm?.demo"
              >, {{ s.days.toLocaleString('en-US') }} days</template
            ><template v-if="s.filledDays">, {{ s.filledDays }} of them filled</template>
          </p>
          <p v-else>No days yet.</p>
        </div>
        <template v-if="session.owner">
          <v-btn v-if="session.farm?.stationId !== s.id" variant="outlined" @click="use(s.id)"
            >Use it</v-btn
          >
          <v-btn
            variant="outlined"
            @click="((target = s.id), (check = null), (file = null), (report = null))"
            >Import days</v-btn
          >
          <v-btn variant="text" @click="edit(s)">Change</v-btn>
          <v-btn
            v-if="session.farm?.stationId !== s.id"
            variant="text"
            class="rust"
            @click="remove(s)"
            >Take away</v-btn
          >
        </template>
      </div>
      <div v-if="target === s.id" class="mt-4">
        <v-file-input
          v-model="file"
          label="CSV file"
          accept=".csv,.txt,.tsv"
          :loading="busy"
          @update:model-value="look"
        />
        <template v-if="check">
          <p class="my-3">
            {{ check.rows.toLocaleString('en-US') }} lines<template v-if="check.decimalComma"
              >, with decimal commas</template
            >. Which column is what?
          </p>
          <div class="three">
            <v-select v-model="columns.date" label="Date" :items="column(false)" />
            <v-select v-model="columns.tmin" label="Lowest temperature" :items="column(false)" />
            <v-select v-model="columns.tmax" label="Highest temperature" :items="column(false)" />
            <v-select v-model="columns.precip" label="Rain" :items="column(false)" />
            <v-select v-model="columns.wind" label="Wind (optional)" :items="column(true)" />
            <v-select
              v-model="columns.dewPoint"
              label="Dew point (optional)"
              :items="column(true)"
            />
            <v-select
              v-model="units.date"
              label="Dates are"
              :items="[
                { title: 'year-month-day', value: 'iso' },
                { title: 'day.month.year', value: 'dmy' },
                { title: 'month/day/year', value: 'mdy' },
              ]"
            />
            <v-select
              v-model="units.temperature"
              label="Temperature in"
              :items="[
                { title: '°C', value: 'C' },
                { title: '°F', value: 'F' },
              ]"
            />
            <v-select
              v-model="units.precip"
              label="Rain in"
              :items="[
                { title: 'mm', value: 'mm' },
                { title: 'inches', value: 'in' },
              ]"
            />
            <v-select
              v-model="units.wind"
              label="Wind in"
              :items="[
                { title: 'm/s', value: 'ms' },
                { title: 'km/h', value: 'kmh' },
                { title: 'mph', value: 'mph' },
              ]"
            />
          </div>
          <v-checkbox
            v-model="fillGaps"
            class="mt-2"
            label="Fill missing and impossible days: up to five between their neighbours, more from other years"
          />
          <v-btn class="mt-3" color="primary" :loading="busy" @click="store">Import</v-btn>
        </template>
        <div v-if="report" class="mt-4">
          <p v-if="report.stored" class="mb-2">
            <b>Stored {{ report.days.toLocaleString('en-US') }} days</b>, {{ report.filledDays }} of
            them filled.
          </p>
          <p v-else class="rust mb-2">
            <b>Nothing was stored.</b> Mend the file, or fill what is missing.
          </p>
          <p v-if="report.faultCount">
            {{ report.faultCount }} {{ report.faultCount === 1 ? 'place' : 'places' }} to look at:
          </p>
          <ul class="pl-5 faults">
            <li v-for="(f, i) in report.faults" :key="i">{{ f.message }}</li>
          </ul>
        </div>
      </div>
    </section>

    <section v-if="session.owner" class="card">
      <button v-if="!adding" class="link" @click="adding = true">Add another station</button>
      <form v-else @submit.prevent="add">
        <h2 class="mb-3">{{ editing ? 'Change the station' : 'Add a station' }}</h2>
        <div class="three">
          <v-text-field v-model="form.name" label="Name" />
          <v-text-field v-model="form.latitude" label="Latitude, degrees" inputmode="decimal" />
          <v-text-field
            v-model="form.elevation"
            :label="`Elevation, ${elevationUnit}`"
            inputmode="decimal"
          />
        </div>
        <v-checkbox v-model="form.coastal" label="Near the sea" />
        <v-btn class="mt-3" variant="outlined" type="submit" :disabled="!form.name.trim()">{{
          editing ? 'Keep' : 'Add'
        }}</v-btn>
      </form>
    </section>
  </div>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
}
.faults {
  max-height: 240px;
  overflow: auto;
}
@media (max-width: 700px) {
  .three {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
