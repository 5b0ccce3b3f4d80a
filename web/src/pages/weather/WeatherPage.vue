<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, read, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayFullDay } from '../../words/days'
import ImportDays from './ImportDays.vue'
import StationForm from './StationForm.vue'

/** Weather stations, which one the farm lives under, and their days. */
type Station = Schemas['StationView']
const STATION = '/api/farms/{farmId}/stations/{stationId}'
const session = useSession()
const { data: stations, trouble } = useRead('/api/farms/{farmId}/stations')
const adding = ref(false)
const editing = ref<Station>()
const importing = ref('')
const wrong = ref<Refusal | null>(null)
const said = computed(() => wrong.value?.message || trouble.value)
watch(stations, (now) => now && !now.length && (adding.value = true), { immediate: true })

async function kept() {
  editing.value = undefined
  adding.value = false
  wrong.value = null
  session.farms = await read('/api/farms')
}
function guard(work: () => Promise<unknown>) {
  wrong.value = null
  return attempt(work, (refusal) => (wrong.value = refusal))
}
const use = (s: Station) =>
  guard(async () => {
    await alter('PUT', `${STATION}/use`, { path: { stationId: s.id } })
    session.farms = await read('/api/farms')
    notice.show('The farm now lives under this station.')
  })
const remove = (s: Station) =>
  guard(async () => {
    await alter('DELETE', STATION, { path: { stationId: s.id } })
    notice.show(`${s.name} is taken away.`)
  })
function edit(s: Station) {
  editing.value = s
  adding.value = true
}
const elevation = (m: number) => session.amount(m, 'M', 0)
</script>

<template>
  <div class="page narrow">
    <h1 class="mb-1">Weather</h1>
    <p class="muted mb-4">
      Windows and odds come from the years of one station: daily lowest and highest temperature and
      rain, wind and dew point if you have them. One past year will do to begin with, thirty are
      good.
    </p>
    <p v-if="said" class="card rust mb-4">{{ said }}</p>

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
          <v-btn v-if="session.farm?.stationId !== s.id" variant="outlined" @click="use(s)"
            >Use it</v-btn
          >
          <v-btn variant="outlined" @click="importing = s.id">Import days</v-btn>
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
      <ImportDays v-if="importing === s.id" :station-id="s.id" @wrong="wrong = $event" />
    </section>

    <section v-if="session.owner" class="card">
      <button v-if="!adding" class="link" @click="adding = true">Add another station</button>
      <StationForm
        v-else
        :key="editing?.id"
        :station="editing"
        @kept="kept"
        @wrong="wrong = $event"
      />
    </section>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 900px;
}
</style>
