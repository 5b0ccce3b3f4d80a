<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import type { Schemas } from '../../api/client'
import { consider, read } from '../../farm/data'
import { useSession } from '../../session'
import { sayDay, sayFullDay } from '../../words/days'
import { sentence } from '../../words/reasons'

/** Three days, hour by hour: what can be done, what limits it, and the reckoning behind it. */
const NOON = 12
const session = useSession()
const view = ref<Schemas['HoursView'] | null>(null)
const fields = ref<Schemas['FieldView'][]>([])
const fieldId = ref<string>()
const trouble = ref('')
const picked = ref<number>()
type HourView = Schemas['HourView']
type Work = 'rolling' | 'spraying' | 'air' | 'drilling'
const WORKS: [Work, string][] = [
  ['rolling', 'Rolling'],
  ['spraying', 'Spraying'],
  ['air', 'Drone and aircraft'],
  ['drilling', 'Drilling and planting'],
]

async function load() {
  try {
    trouble.value = ''
    view.value = await read('/api/farms/{farmId}/hours', {
      query: { fieldId: fieldId.value },
    })
    picked.value = undefined
  } catch (e) {
    trouble.value = (e as Error).message
  }
}
onMounted(async () => {
  await load()
  fields.value = await read('/api/farms/{farmId}/fields')
})
watch(fieldId, load)

async function table(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  try {
    view.value = await consider('/api/farms/{farmId}/hours', {
      query: { fieldId: fieldId.value },
      body: { csv: await file.text() },
    })
    trouble.value = ''
    picked.value = undefined
  } catch (e) {
    trouble.value = (e as Error).message
  }
}

const days = computed(() => {
  const byDay = new Map<string, { hour: HourView; index: number }[]>()
  view.value?.hours.forEach((hour, index) => {
    const day = hour.time.slice(0, 10)
    byDay.set(day, [...(byDay.get(day) ?? []), { hour, index }])
  })
  return [...byDay].map(([day, hours]) => ({ day, hours }))
})
const hourOf = (h: HourView) => Number(h.time.slice(11, 13))
const clock = (hour: number) =>
  session.units === 'us'
    ? `${((hour + 11) % 12) + 1} ${hour < NOON ? 'am' : 'pm'}`
    : `${String(hour).padStart(2, '0')}:00`

const daytime = (h: HourView) =>
  hourOf(h) >= session.usual('workFrom') && hourOf(h) < session.usual('workUntil')

/** The longest run of go hours of a day, in words. */
function best(hours: { hour: HourView }[], work: Work): string {
  let from = -1
  let bestFrom = -1
  let longest = 0
  hours.forEach(({ hour }, i) => {
    if (hour[work].verdict === 'go' && daytime(hour)) {
      if (from < 0) from = i
      if (i - from + 1 > longest) {
        longest = i - from + 1
        bestFrom = from
      }
    } else from = -1
  })
  if (!longest) {
    const limits = new Map<string, number>()
    for (const { hour } of hours.filter((h) => daytime(h.hour))) {
      const limit = hour[work].limit
      if (limit) limits.set(limit, (limits.get(limit) ?? 0) + 1)
    }
    const worst = [...limits].sort((a, b) => b[1] - a[1])[0]
    return worst ? `no hour clear: mostly ${worst[0]}` : 'no hour clear'
  }
  const start = hourOf(hours[bestFrom]!.hour)
  return `go ${clock(start)} to ${clock((start + longest) % 24)}`
}
const now = computed(() => (picked.value === undefined ? null : view.value?.hours[picked.value]))
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <div class="about">
        <h1>Hours</h1>
        <p v-if="view" class="muted">
          {{ sentence(view.source) }}{{ view.field ? `, on ${view.field}` : '' }}. Ground begins at
          {{ session.amount(view.topSoilWetness, 'SHARE') }} of what it holds; the last three days
          were {{ session.amount(view.growingDegrees, 'DEGREE_DAYS') }} a day of growing warmth.
        </p>
      </div>
      <v-autocomplete
        v-model="fieldId"
        :items="fields.map((f) => ({ title: f.name, value: f.id }))"
        label="On field"
        clearable
        class="no-print"
        style="flex: 0 0 230px"
      />
      <label class="link small no-print"
        >use an hourly table<input type="file" accept=".csv,text/csv" hidden @change="table"
      /></label>
    </header>
    <p v-if="trouble" class="card rust mb-3">{{ trouble }}</p>
    <section v-for="[work, label] in WORKS" :key="work" class="card mb-3">
      <h2>{{ label }}</h2>
      <div class="strips">
        <div v-for="d in days" :key="d.day" class="day">
          <p class="small">
            <b>{{ sayFullDay(d.day).replace(/ \d{4}$/, '') }}</b>
            <span class="best">{{ best(d.hours, work) }}</span>
          </p>
          <div class="strip" role="group" :aria-label="`${label} on ${sayDay(d.day)}`">
            <button
              v-for="{ hour, index } in d.hours"
              :key="index"
              :class="[hour[work].verdict, { on: picked === index }]"
              :title="`${clock(hourOf(hour))}: ${hour[work].verdict}${hour[work].limit ? ', ' + hour[work].limit : ''}`"
              :aria-label="`${clock(hourOf(hour))}: ${hour[work].verdict}${hour[work].limit ? ', ' + hour[work].limit : ''}`"
              @click="picked = picked === index ? undefined : index"
            >
              <span aria-hidden="true">{{
                hour[work].verdict === 'go' ? '●' : hour[work].verdict === 'marginal' ? '◐' : ''
              }}</span>
            </button>
          </div>
          <div class="ticks small muted" aria-hidden="true">
            <span>{{ clock(0) }}</span><span>{{ clock(6) }}</span
            ><span>{{ clock(12) }}</span
            ><span>{{ clock(18) }}</span>
          </div>
        </div>
      </div>
    </section>
    <section v-if="now" class="card mb-3 reckoning" aria-live="polite">
      <h2>{{ sayFullDay(now.time.slice(0, 10)) }}, {{ clock(hourOf(now)) }}</h2>
      <div class="facts">
        <span
          >air <b>{{ session.amount(now.tempC, 'CELSIUS') }}</b></span
        >
        <span
          >dew point <b>{{ session.amount(now.dewPointC, 'CELSIUS') }}</b></span
        >
        <span
          >wet-bulb depression
          <b
            >{{ (now.wetBulbDepressionC * (session.units === 'us' ? 1.8 : 1)).toFixed(1) }}
            {{ session.units === 'us' ? '°F' : '°C' }}</b
          ></span
        >
        <span
          >wind <b>{{ session.amount(now.windMPerS * 3.6, 'KMH') }}</b></span
        >
        <span
          >gusts <b>{{ session.amount(now.gustMPerS * 3.6, 'KMH') }}</b></span
        >
        <span
          >rain <b>{{ session.amount(now.rainMm, 'MM', session.units === 'us' ? 2 : 1) }}</b></span
        >
        <span
          >sun <b>{{ Math.round(now.solarWPerM2) }} W/m²</b></span
        >
        <span
          >seed depth <b>{{ session.amount(now.soilTempC, 'CELSIUS') }}</b></span
        >
        <span
          >drying power <b>{{ now.vapourDeficitKPa.toFixed(2) }} kPa</b></span
        >
        <span
          >water on stems <b>{{ now.stemWetnessMm.toFixed(2) }} mm</b></span
        >
        <span
          >ground <b>{{ session.amount(now.topSoilWetness, 'SHARE') }}</b></span
        >
      </div>
      <p v-for="[work, label] in WORKS" :key="work">
        {{ label }}: <b>{{ now[work].verdict === 'no' ? 'not' : now[work].verdict }}</b><template
          v-if="now[work].limit"
          >, {{ now[work].limit }}</template
        >
      </p>
    </section>
    <p class="small muted">
      ● go, ◐ with care, empty not. Click an hour for the whole reckoning. Stems hold water from
      rain and dew and dry by deficit, wind and sun; a label’s own limits of wind and rain outrank
      these. Look at the field before you go.
    </p>
    <details class="small muted no-print">
      <summary>Columns of an hourly table</summary>
      <p>
        time (such as 2027-05-22T06:00), temp_c, dew_point_c, wind_m_s, gust_m_s, rain_mm,
        solar_w_m2, soil_temp_c. One row an hour, no gaps; with more than two days the first only
        wets and dries the stems.
      </p>
    </details>
  </div>
</template>

<style scoped>
.best {
  margin-left: 8px;
}
.about {
  flex: 1 1 420px;
}
.strips {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 14px;
}
.strip {
  display: grid;
  grid-template-columns: repeat(24, 1fr);
  gap: 1px;
  margin-top: 3px;
}
.strip button {
  height: 26px;
  font-size: 9px;
  border-radius: 2px;
  background: color-mix(in srgb, var(--soil-band) 40%, transparent);
  overflow: hidden;
  padding: 0;
}
.strip .go {
  background: var(--leaf);
  color: var(--plate);
}
.strip .marginal {
  background: var(--crop-straw);
  color: #2a231c;
}
.strip .on {
  outline: 2px solid var(--ink);
}
.ticks {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  font-size: 0.72rem;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 6px 0;
}
@media (max-width: 900px) {
  .strips {
    grid-template-columns: 1fr;
  }
  .strip button {
    height: 34px;
  }
  .reckoning {
    position: sticky;
    bottom: 64px;
  }
}
</style>
