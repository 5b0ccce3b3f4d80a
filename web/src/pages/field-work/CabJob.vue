<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import { unitName } from '../../words/units'
import { daysOf, drivers, wayToGo } from './sheets'

/** One job on a machine's sheet, with room to write what came of it. */
const props = defineProps<{ job: Schemas['CabJob'] }>()
const session = useSession()
const part = computed(() => props.job.leftHa < props.job.areaHa)
</script>

<template>
  <article class="job">
    <div class="head">
      <b class="day">{{ daysOf(job.shifts) }}</b>
      <div class="grow">
        <b>{{ job.field }}</b><template v-if="job.customer"> ({{ job.customer }})</template>,
        {{ job.label }}
        <div class="muted small">
          {{ session.amount(job.areaHa, 'HA', 1)
          }}<template v-if="part">, {{ session.amount(job.leftHa, 'HA', 1) }} left</template> ·
          {{
            session.amount(
              job.shifts.reduce((sum, s) => sum + s.hours, 0),
              'HOURS',
            )
          }}
          · {{ drivers(job.shifts) }}
        </div>
      </div>
      <span class="box" aria-hidden="true"></span>
    </div>
    <table v-if="job.seed" class="plain">
      <tbody>
        <tr v-for="s in job.seed.seeds" :key="s.name">
          <td>{{ s.name }}</td>
          <td class="n">
            set <b>{{ session.amount(s.rateKgPerHa, 'KG_PER_HA', 1) }}</b>
          </td>
          <td class="n">{{ session.amount(s.kg, 'KG') }}</td>
          <td>
            <template v-if="s.lot">lot {{ s.lot }}</template>
            <span v-else class="rust">no lot in stock holds enough</span>
            <b v-if="s.treated"> · treated</b>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="job.seed" class="small">
      <template v-if="job.seed.setting !== undefined"
        >Begin at <b>{{ job.seed.setting.toFixed(1) }}</b></template
      ><template v-else>Setting: find it by a catch test ______</template
      ><template v-if="job.seed.loads && job.seed.kgPerLoad"
        >; {{ job.seed.loads }} {{ job.seed.loads === 1 ? 'load' : 'loads' }} of
        {{ session.amount(job.seed.kgPerLoad, 'KG') }}</template
      ><template v-if="job.seed.note">. {{ sentence(session.reason(job.seed.note)) }}</template>
    </p>
    <ul v-if="job.seed?.rows.length" class="small rows">
      <li v-for="(r, i) in job.seed.rows" :key="i">{{ sentence(session.reason(r)) }}</li>
    </ul>
    <p v-if="job.seed?.rateFor" class="small rust">
      ▲ The rate is for “{{ job.seed.rateFor }}”, as the field’s plan has it: change the plan before
      going.
    </p>
    <p class="small">{{ wayToGo(job) }}</p>
    <p v-if="job.sprays" class="small">
      Product, rate and carrier from the spray sheet: ______________________________
    </p>
    <p v-if="job.hazards" class="small">
      <b>▲ {{ sentence(job.hazards) }}.</b>
    </p>
    <p class="small write">
      Done ________ {{ unitName('HA', session.units) }} ________ setting ________ notes
    </p>
  </article>
</template>

<style scoped>
.job {
  padding: 8px 0;
  border-top: 1px solid var(--rule);
  break-inside: avoid;
}
.head {
  display: flex;
  gap: 14px;
  align-items: flex-start;
}
.rows {
  margin: 0;
  padding-left: 18px;
}
.day {
  flex: 0 0 118px;
}
.box {
  flex: 0 0 20px;
  height: 20px;
  border: 1.5px solid currentcolor;
  border-radius: 3px;
}
.job p,
.job table {
  margin: 3px 0 3px 132px;
  width: auto;
}
.write {
  display: none;
}
@media (max-width: 600px) {
  .head {
    flex-wrap: wrap;
  }
  .day {
    flex-basis: 100%;
  }
  .job p,
  .job table {
    margin-left: 0;
  }
}
@media print {
  .write {
    display: block;
    padding-top: 6px;
  }
}
</style>
