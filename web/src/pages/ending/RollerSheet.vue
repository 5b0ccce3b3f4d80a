<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '../../api/client'
import { consider, useRead } from '../../farm/data'
import { useAnswer } from '../../answer'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { plus, sayDay } from '../../words/days'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'

/** What the roller's driver takes along. */
const props = defineProps<{ page: Schemas['EndingPage']; endOn?: string }>()
const session = useSession()
const kinds = useKinds()
const L_PER_M3 = 1000
const { data: machines } = useRead('/api/farms/{farmId}/machines')
const machine = computed(() => machines.value?.find((m) => m.work?.includes('roll')))
const emptyKg = ref<number>()
const widthM = ref<number>()
const waterL = ref<number | undefined>(0)
const tractorKg = ref<number | undefined>(session.usual('tractorKg'))
const slope = ref<number | undefined>(session.usual('slopePercent'))
/** Pulled rollers load no axle. */
const carried = ref<Schemas['Carried']['where'] | ''>('')
const steering = ref<number | undefined>(session.usual('steeringShare'))
const wheelbase = ref<number | undefined>(session.usual('wheelbase'))
const overhang = ref<number | undefined>(session.usual('rollerOverhang'))
const counter = ref<number | undefined>(session.usual('counterLever'))
const footing = ref<Schemas['RollerInput']['footing']>('covered')

// What the shed knows of the roller is filled in once, and may be typed over.
watch(
  machines,
  (now, before) => {
    if (!now || before) return
    emptyKg.value = machine.value?.massKg ?? session.usual('rollerKg')
    widthM.value = machine.value?.widthM ?? session.usual('rollerWidth')
    waterL.value = (machine.value?.hopperM3 ?? 0) * L_PER_M3
  },
  { immediate: true },
)
const body = () => ({
  emptyKg: emptyKg.value ?? 0,
  widthM: widthM.value ?? 0,
  waterL: waterL.value ?? 0,
  tractorKg: tractorKg.value ?? 0,
  slopePercent: slope.value ?? 0,
  footing: footing.value,
  carried: carried.value
    ? {
        where: carried.value,
        steeringShare: steering.value ?? 0,
        wheelbaseM: wheelbase.value ?? 0,
        overhangM: overhang.value ?? 0,
        counterM: counter.value ?? 0,
      }
    : undefined,
})
const { answer, trouble } = useAnswer(
  () => (emptyKg.value ? JSON.stringify(body()) : ''),
  () => consider('/api/farms/{farmId}/sheets/roller', { body: body() }),
)
const end = computed(
  () => props.endOn ?? props.page.rows.find((r) => kinds.ending(r.way)?.rolls)?.endOn,
)
const hours = computed(() =>
  machine.value?.haPerHour ? props.page.areaHa / machine.value.haPerHour : undefined,
)
</script>

<template>
  <section class="card">
    <h2>Roller sheet, {{ page.field }}</h2>
    <div class="three my-2 no-print">
      <FigureField v-model="emptyKg" label="Empty" unit="KG" />
      <FigureField v-model="widthM" label="Width" unit="M" />
      <FigureField v-model="waterL" label="Water" unit="L" />
      <FigureField v-model="tractorKg" label="Tractor" unit="KG" />
      <FigureField v-model="slope" label="Steepest, %" />
      <v-select
        v-model="footing"
        label="Ground"
        :items="[
          { title: 'Firm and bare', value: 'firm' },
          { title: 'Under a mat', value: 'covered' },
          { title: 'Wet', value: 'wet' },
        ]"
      />
      <v-select
        v-model="carried"
        label="The tractor"
        :items="[
          { title: 'Pulls it', value: '' },
          { title: 'Carries it in front', value: 'front' },
          { title: 'Carries it behind', value: 'rear' },
        ]"
      />
      <template v-if="carried">
        <FigureField v-model="steering" label="On its steering axle" unit="SHARE" />
        <FigureField v-model="wheelbase" label="Wheelbase" unit="M" />
        <FigureField v-model="overhang" label="Axle to drum" unit="M" />
        <FigureField v-model="counter" label="Other axle to ballast" unit="M" />
      </template>
    </div>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <table class="plain">
      <tbody>
        <tr v-if="end">
          <td>Day</td>
          <td>
            <b>{{ sayDay(end) }}</b><template v-if="hours">
              · {{ session.amount(hours, 'HOURS') }}</template
            >
          </td>
        </tr>
        <tr v-if="answer">
          <td>Mass on the ground</td>
          <td>
            <b>{{ session.amount(answer.weight.kgPerM, 'KG_PER_M') }}</b>; kills
            {{ session.amount(answer.weight.weightFactor, 'SHARE') }} of what a full weight does
          </td>
        </tr>
        <tr v-if="answer">
          <td>Held by the tractor</td>
          <td :class="{ rust: answer.pull.share > 0.8 }">
            {{
              answer.pull.share > 1
                ? 'it slides on that slope: less water, or another tractor'
                : `uses ${session.amount(answer.pull.share, 'SHARE')} of the grip on a ${slope} % slope`
            }}
          </td>
        </tr>
        <tr v-if="answer?.carried">
          <td>Lifted</td>
          <td :class="{ rust: answer.carried.counterKg > 0 }">
            {{ session.amount(answer.carried.leftShare, 'SHARE') }} of the tractor stays on its
            {{ carried === 'front' ? 'rear' : 'steering' }} axle, at least
            {{ session.amount(answer.carried.leastShare, 'SHARE') }} has to<template
              v-if="answer.carried.counterKg > 0"
              >: hang {{ session.amount(answer.carried.counterKg, 'KG') }} on at the other
              end</template
            >
          </td>
        </tr>
        <tr>
          <td>Which way</td>
          <td>
            <template v-if="page.bearingDeg !== undefined"
              >{{ Math.round(page.bearingDeg) }}°, as it was drilled; the planter goes the same
            </template>
            <template v-else>the way the planter goes, same rows, same direction</template>
          </td>
        </tr>
        <tr>
          <td>How</td>
          <td>
            5 to 7 mph (8 to 11 km/h), stems dry and crisp, ground that carries; ruts and wheel
            tracks shelter plants
          </td>
        </tr>
        <tr v-if="end">
          <td>Second look</td>
          <td>
            {{ sayDay(plus(end, 10)) }} to {{ sayDay(plus(end, 14)) }}: under 90 % dead in the
            frames, roll again or spray
          </td>
        </tr>
      </tbody>
    </table>
    <p v-for="(c, i) in kinds.dangers('rolls')" :key="i" class="small my-1">
      ▲ {{ sentence(session.reason(c)) }}.
    </p>
    <p class="muted small">Local rules and the machine’s manual govern; this does not.</p>
  </section>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px 12px;
}
@media (max-width: 600px) {
  .three {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
