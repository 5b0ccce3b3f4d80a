<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useRead } from '../../farm/data'
import FieldJourney from '../field/FieldJourney.vue'
import { useWindowName } from '../../shell/arrival'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import FloweringWalk from './FloweringWalk.vue'
import CropWalk from './CropWalk.vue'
import KillWalk from './KillWalk.vue'
import MulchWalk from './MulchWalk.vue'
import StandWalk from './StandWalk.vue'
import WeedWalk from './WeedWalk.vue'

/** Counting at the field's edge: big keys, a running answer, kept through a reload. */
const session = useSession()
const route = useRoute()
const fieldId = String(route.params.id)
const { data: field, trouble } = useRead('/api/farms/{farmId}/fields/{fieldId}/season', {
  path: { fieldId },
})
useWindowName(() => field.value?.field.name)
const what = ref('stand')
const plan = computed(() => field.value?.furrow.plan?.plan)
const COUNTS = [
  ['stand', 'Stand'],
  ['flowering', 'Flowers'],
  ['mulch', 'Mulch'],
  ['kill', 'Kill'],
  ['weeds', 'Weeds'],
  ['crop', 'Crop'],
] as const
const wanted = computed(
  () =>
    session.choices?.purposes.find((p) => p.key === 'smotherWeeds')?.target ??
    session.usual('goalCover'),
)

const cropIsIn = computed(() =>
  ['LOGGED', 'LIKELY'].includes(
    field.value?.furrow.deeds.find((d) => d.deed === 'planted')?.state ?? '',
  ),
)

// After the turn of the year flowers matter more than the stand.
const floweringTime = (today: string) => {
  const month = Number(today.slice(5, 7))
  return (
    month >= session.usual('floweringFromMonth') && month <= session.usual('floweringUntilMonth')
  )
}
watch(
  field,
  (now, before) => {
    // What somebody has turned to stays.
    if (!now || before) return
    const { furrow, today } = now
    if (furrow.endedOn) what.value = 'kill'
    else if (furrow.seededOn && floweringTime(today)) what.value = 'flowering'
  },
  { immediate: true },
)
</script>

<template>
  <div class="page walk">
    <FieldJourney />
    <div v-if="trouble" class="card rust">
      <h1>Count</h1>
      <p>{{ trouble }}</p>
    </div>
    <template v-if="field">
      <header>
        <h1>
          Count on <router-link :to="`/fields/${fieldId}`">{{ field.field.name }}</router-link>
        </h1>
        <p class="muted">{{ field.furrow.coverWords }}</p>
      </header>
      <p v-if="!plan" class="card">Nothing was planned here, so there is nothing to count.</p>
      <template v-else>
        <v-btn-toggle v-model="what" mandatory density="compact" class="my-2 kinds">
          <v-btn v-for="[key, label] in COUNTS" :key="key" :value="key">{{ label }}</v-btn>
        </v-btn-toggle>
        <StandWalk v-if="what === 'stand'" :field-id="fieldId" :plan="plan" />
        <FloweringWalk v-if="what === 'flowering'" :field-id="fieldId" :plan="plan" />
        <MulchWalk v-if="what === 'mulch'" :field-id="fieldId" :wanted-mg-per-ha="wanted" />
        <KillWalk v-if="what === 'kill'" :field-id="fieldId" />
        <WeedWalk v-if="what === 'weeds'" :field-id="fieldId" />
        <p v-if="what === 'crop' && !cropIsIn" class="card">
          The {{ field.furrow.nextCrop.toLowerCase() }} is not in the ground yet. Its stand is
          counted two to three weeks after planting, meant for
          {{ sayDay(field.furrow.nextPlantOn) }}.
        </p>
        <CropWalk
          v-if="what === 'crop' && cropIsIn"
          :field-id="fieldId"
          :crop="field.furrow.nextCrop"
        />
      </template>
    </template>
  </div>
</template>

<style scoped>
.walk {
  max-width: 520px;
}
.kinds {
  display: flex;
}
.kinds > * {
  flex: 1;
  min-width: 0;
  padding: 0 6px;
  letter-spacing: 0;
}
</style>
