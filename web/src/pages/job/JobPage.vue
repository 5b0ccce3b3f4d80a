<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useRead } from '../../farm/data'
import FieldJourney from '../field/FieldJourney.vue'
import { useWindowName } from '../../shell/arrival'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import BoxSheet from './BoxSheet.vue'
import DoneForm from './DoneForm.vue'
import LineCard from './LineCard.vue'
import MachineChoice from './MachineChoice.vue'
import MonitorCard from './MonitorCard.vue'
import RowsSheet from './RowsSheet.vue'
import WentOut from './WentOut.vue'

/** One seeding job: what the crew needs on a sheet, the lines, and the log of what went out. */
const session = useSession()
const route = useRoute()
const { data: job, trouble } = useRead('/api/farms/{farmId}/fields/{fieldId}/job', () => ({
  path: { fieldId: String(route.params.id) },
}))
useWindowName(() => job.value?.field)
const machineId = ref('')
const areaHa = ref<number>()
const seedKg = ref<number>()
// What is left to seed is offered anew when some of it was seeded, never over what a monitor's file said.
watch(
  job,
  (found, before) => {
    if (!found) return
    machineId.value ||= found.machines[0]?.machine.id ?? ''
    if (found.fieldId === before?.fieldId && found.doneHa === before.doneHa) return
    areaHa.value = Math.max(0, found.areaHa - found.doneHa) || undefined
  },
  { immediate: true },
)
const chosen = computed(() => job.value?.machines.find((m) => m.machine.id === machineId.value))
/** What is seeded whole needs no sheet; what is left of a field does. */
const over = computed(
  () => !!job.value && job.value.doneHa >= job.value.areaHa * session.usual('doneFrom'),
)
const print = () => window.print()
function wentOut(area: number | undefined, kg: number | undefined) {
  areaHa.value = area
  seedKg.value = kg
}
</script>

<template>
  <div class="page">
    <FieldJourney />
    <div v-if="trouble" class="card rust">
      <h1>Seeding job</h1>
      <p>{{ trouble }}</p>
    </div>
    <template v-if="job">
      <header class="row mb-3">
        <div class="grow">
          <h1>
            Seed <router-link :to="`/fields/${job.fieldId}`">{{ job.field }}</router-link>
          </h1>
          <p class="muted">
            {{ session.amount(job.areaHa, 'HA', 1)
            }}<template v-if="job.plan"
              >, {{ job.methodLabel }} about {{ sayDay(job.plan.seedOn) }}</template
            ><template v-if="job.organic"> · organic</template>
          </p>
        </div>
        <v-btn v-if="job.plan && !over" variant="outlined" class="no-print" @click="print"
          >Print</v-btn
        >
      </header>
      <p v-if="!job.plan" class="card">
        This field has no plan yet.
        <router-link :to="`/fields/${job.fieldId}`"
          >Say why it is covered, and with what.</router-link
        >
      </p>
      <template v-else-if="over">
        <p class="card mb-3">
          All of it is seeded: nothing is left to put in a box.
          <router-link :to="`/fields/${job.fieldId}/walk`" class="no-print"
            >Count what came up</router-link
          >
        </p>
        <WentOut :job="job" />
      </template>
      <div v-else class="grid">
        <p v-if="job.doneHa > 0" class="card part">
          {{ session.amount(job.doneHa, 'HA', 1) }} of {{ session.amount(job.areaHa, 'HA', 1) }} are
          seeded; {{ session.amount(job.areaHa - job.doneHa, 'HA', 1) }} are left to do.
        </p>
        <div class="side">
          <BoxSheet :job="job" />
          <RowsSheet v-if="job.rows" :rows="job.rows" :method="job.plan.method" />
          <section class="card">
            <h2>Cautions</h2>
            <p v-for="(c, i) in job.cautions" :key="i" class="small my-1">
              ▲ {{ sentence(session.reason(c)) }}.
            </p>
            <p class="muted small mt-2">
              Local rules, the label, the machine’s manual and licensed practice govern; this does
              not.
            </p>
          </section>
        </div>
        <div class="side">
          <MachineChoice v-model="machineId" :job="job" />
          <LineCard v-if="chosen" :field-id="job.fieldId" :swath-m="chosen.swathM" />
          <MonitorCard
            v-if="session.operator"
            :field-id="job.fieldId"
            :target-kg-per-ha="job.rateKgPerHa"
            @out="wentOut"
          />
          <DoneForm
            v-if="session.operator"
            v-model:area-ha="areaHa"
            v-model:seed-kg="seedKg"
            :job="job"
            :machine-id="machineId"
          />
          <WentOut v-if="job.done.length" :job="job" />
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  gap: 16px;
  align-items: start;
}
.side {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.part {
  grid-column: 1 / -1;
}
@media (max-width: 900px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .grid {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
