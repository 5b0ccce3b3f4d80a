<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '../../api/client'
import { read } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import DoneForm from './DoneForm.vue'
import LineMap from './LineMap.vue'
import MonitorCard from './MonitorCard.vue'
import WentOut from './WentOut.vue'
import { useKinds } from '../../words/kinds'

/** One seeding job: what the crew needs on a sheet, the lines, and the log of what went out. */
const session = useSession()
const kinds = useKinds()
const route = useRoute()
const job = ref<Schemas['JobView'] | null>(null)
const machineId = ref('')
const trouble = ref('')
const lines = ref<Schemas['Lines'] | null>(null)
const headlands = ref(1)
const bearing = ref<number>()
const path = () => ({ farmId: session.farm?.id ?? '', fieldId: String(route.params.id) })

const areaHa = ref<number>()
const seedKg = ref<number>()

async function load() {
  try {
    take(await read('/api/farms/{farmId}/fields/{fieldId}/job', { path: path() }))
  } catch (e) {
    trouble.value = (e as Error).message
  }
}
function take(found: Schemas['JobView']) {
  job.value = found
  machineId.value ||= found.machines[0]?.machine.id ?? ''
  areaHa.value = Math.max(0, found.areaHa - found.doneHa) || undefined
}
onMounted(load)

const chosen = computed(() => job.value?.machines.find((m) => m.machine.id === machineId.value))

async function draw() {
  if (!chosen.value) return
  try {
    lines.value = await read('/api/farms/{farmId}/fields/{fieldId}/lines', {
      path: path(),
      query: {
        swathM: chosen.value.swathM,
        headlands: headlands.value,
        bearingDeg: bearing.value,
      },
    })
  } catch (e) {
    notice.show((e as Error).message)
  }
}
function file(format: string) {
  const q = new URLSearchParams({
    swathM: String(chosen.value?.swathM ?? 0),
    headlands: String(headlands.value),
  })
  if (bearing.value !== undefined) q.set('bearingDeg', String(bearing.value))
  return `/api/farms/${path().farmId}/fields/${path().fieldId}/lines.${format}?${q}`
}
const seedKey = computed(() =>
  (job.value?.plan?.components ?? [])
    .map((c) => c.species)
    .sort()
    .join('+'),
)
/** What is seeded whole needs no sheet; what is left of a field does. */
const over = computed(
  () => !!job.value && job.value.doneHa >= job.value.areaHa * session.usual('doneFrom'),
)
const print = () => window.print()
/** Seed that is flown or spread on top has no depth to be set. */
const hasDepth = computed(() => kinds.method(job.value?.plan?.method)?.onSurface === false)
</script>

<template>
  <div class="page">
    <p v-if="trouble" class="card rust">{{ trouble }}</p>
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
          <section class="card">
            <h2>What goes in the box</h2>
            <table class="plain">
              <tbody>
                <template v-for="s in job.seeds" :key="s.species">
                  <tr>
                    <td>
                      <b>{{ s.name }}</b>
                      <div v-if="hasDepth" class="muted small">
                        {{ session.amount(s.depthLowMm, 'MM', session.units === 'us' ? 1 : 0) }} to
                        {{ session.amount(s.depthHighMm, 'MM', session.units === 'us' ? 1 : 0) }}
                        deep
                      </div>
                    </td>
                    <td class="n">
                      <b>{{ session.amount(s.rateKgPerHa, 'KG_PER_HA', 1) }}</b>
                      <div class="muted small">
                        {{ session.amount(s.liveSeedsPerM2, 'PER_M2') }} live
                      </div>
                    </td>
                    <td class="n">{{ session.amount(s.seedKg, 'KG') }}</td>
                  </tr>
                  <tr v-for="l in s.lots" :key="l.lot.id" class="lot">
                    <td class="small">
                      lot {{ l.lot.lotNo || l.lot.supplier }}
                      <span v-if="l.lot.treated" class="tag bad">treated</span>
                      <span v-if="l.lot.organic" class="tag good">organic</span>
                      <span v-if="!l.lot.germination" class="tag bad">not tested</span>
                    </td>
                    <td class="n small">set {{ session.amount(l.rateKgPerHa, 'KG_PER_HA', 1) }}</td>
                    <td class="n small">
                      <span v-if="l.enough" class="tag good">enough</span>
                      <span v-else class="tag bad">only {{ session.amount(l.leftKg, 'KG') }}</span>
                    </td>
                  </tr>
                  <tr v-if="!s.lots.length" class="lot">
                    <td colspan="3" class="small rust">
                      No {{ s.name.toLowerCase() }} in stock.
                      <router-link to="/seed" class="no-print">See what to buy</router-link>
                    </td>
                  </tr>
                </template>
              </tbody>
            </table>
            <p class="muted small mt-2">
              A lot’s own rate puts out the same live seeds as the plan with usual seed.
            </p>
          </section>
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
          <section class="card">
            <h2>With what</h2>
            <p v-if="!job.machines.length" class="my-2">
              No machine in the shed does this way of seeding.
              <router-link to="/shed">Look at the shed</router-link>
            </p>
            <label
              v-for="m in job.machines"
              :key="m.machine.id"
              class="choice"
              :class="{ on: machineId === m.machine.id }"
            >
              <input v-model="machineId" type="radio" :value="m.machine.id" name="machine" />
              <span class="grow">
                <b>{{ m.machine.name }}</b> · {{ session.amount(m.hours, 'HOURS') }}
                <template v-if="m.usd"> · {{ session.amount(m.usd, 'USD') }}</template>
                <span class="block small"
                  >{{ m.loads.loads }} {{ m.loads.loads === 1 ? 'load' : 'loads' }} of
                  {{ session.amount(m.loads.kgPerLoad, 'KG') }}
                  ({{ m.loads.bindingLimit === 'mass' ? 'mass' : 'hopper' }} limits),
                  {{ m.loads.passes }} passes</span
                >
                <span v-for="(n, i) in m.loads.notes" :key="i" class="block small rust">{{
                  sentence(session.reason(n)) + '.'
                }}</span>
                <span v-if="m.memory" class="block small memory">
                  Last time {{ m.memory.setting }} gave
                  {{
                    m.memory.rateKgPerHa !== undefined
                      ? session.amount(m.memory.rateKgPerHa, 'KG_PER_HA')
                      : '–'
                  }}<template v-if="m.settingForTarget">
                    → begin at <b>{{ m.settingForTarget.toFixed(1) }}</b></template
                  ><template v-if="m.chartCorrection"
                    >; the chart gives {{ Math.round(m.chartCorrection * 100) }} %</template
                  >
                </span>
                <router-link
                  v-else
                  :to="{ path: `/shed/${m.machine.id}`, query: { seed: seedKey } }"
                  class="block small no-print"
                  >never set for this seed: set it first</router-link
                >
                <span v-if="m.settingNote" class="block small rust">{{
                  sentence(session.reason(m.settingNote)) + '.'
                }}</span>
                <span v-if="m.swathProven" class="block small memory"
                  >even to {{ session.amount(m.swathM, 'M') }} by its pattern test: lines, loads and
                  hours use that</span
                >
              </span>
            </label>
          </section>
          <section v-if="chosen" class="card">
            <h2>Lines</h2>
            <div class="row my-2 no-print">
              <FigureField v-model="bearing" label="Bearing, or best" style="max-width: 150px" />
              <v-select
                v-model="headlands"
                :items="[0, 1, 2, 3]"
                label="Rounds at the edge"
                style="max-width: 160px"
              />
              <v-btn variant="outlined" @click="draw">Draw them</v-btn>
            </div>
            <template v-if="lines">
              <LineMap :lines="lines" />
              <p class="small my-2">
                {{ lines.lines.filter((l) => l.kind === 'swath').length }} swaths of
                {{ session.amount(lines.swathM, 'M') }}, bearing
                {{ Math.round(lines.bearingDeg) }}°, {{ session.amount(lines.lengthM, 'M', 0) }} in
                all, {{ session.amount(lines.covered, 'SHARE', 1) }}
                of the field covered
              </p>
              <p class="small no-print">
                For the controller: <a :href="file('geojson')">GeoJSON</a> ·
                <a :href="file('kml')">KML</a> · <a :href="file('gpx')">GPX</a>
              </p>
            </template>
          </section>
          <MonitorCard
            v-if="session.operator"
            :field-id="job.fieldId"
            :target-kg-per-ha="job.rateKgPerHa"
            @out="
              (area, kg) => {
                areaHa = area
                seedKg = kg
              }
            "
          />
          <DoneForm
            v-if="session.operator"
            v-model:area-ha="areaHa"
            v-model:seed-kg="seedKg"
            :job="job"
            :machine-id="machineId"
            @logged="take"
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
.block {
  display: block;
}
.lot td {
  padding-left: 14px;
  background: color-mix(in srgb, var(--soil-band) 16%, transparent);
}
.choice {
  display: flex;
  gap: 10px;
  padding: 9px 4px;
  border-bottom: 1px solid var(--rule);
  cursor: pointer;
}
.choice.on {
  background: color-mix(in srgb, var(--leaf-fan) 24%, transparent);
}
.memory {
  color: var(--sky);
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
  .choice:not(.on) {
    display: none;
  }
}
</style>
