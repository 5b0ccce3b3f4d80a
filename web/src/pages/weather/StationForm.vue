<script setup lang="ts">
import { ref } from 'vue'
import { Refusal, type Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { readNumber } from '../../words/numbers'
import { shown, toSi, unitName } from '../../words/units'

/** A weather station, new or changed. */
const props = defineProps<{ station?: Schemas['StationView'] }>()
const emit = defineEmits<{ kept: []; wrong: [refusal: Refusal] }>()
const STATIONS = '/api/farms/{farmId}/stations'
const session = useSession()
const s = props.station
const form = ref({
  name: s?.name ?? '',
  latitude: s ? String(s.latitudeDeg) : '',
  elevation: s ? shown(s.elevationM, 'M', session.units).toFixed() : '',
  coastal: s?.coastal ?? false,
})

const keep = () =>
  attempt(
    async () => {
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
      const body = {
        name: form.value.name,
        latitudeDeg: latitude.value,
        elevationM: toSi(elevation.value, 'M', session.units),
        coastal: form.value.coastal,
      }
      if (s) await alter('PUT', `${STATIONS}/{stationId}`, { path: { stationId: s.id }, body })
      else await alter('POST', STATIONS, { body })
      emit('kept')
    },
    (refusal) => emit('wrong', refusal),
  )
const elevationUnit = unitName('M', session.units)
</script>

<template>
  <form @submit.prevent="keep">
    <h2 class="mb-3">{{ station ? 'Change the station' : 'Add a station' }}</h2>
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
      station ? 'Keep' : 'Add'
    }}</v-btn>
  </form>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
}
@media (max-width: 700px) {
  .three {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
