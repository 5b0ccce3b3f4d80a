<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter, consider, place, useRead } from '../../farm/data'
import { useAnswer } from '../../answer'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { sayFullDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { newId } from '../../words/ids'

/** Where to begin with the planter, and what the digs found. */
const props = defineProps<{
  page: Schemas['EndingPage']
  coverMgPerHa: number
  greenAtPlanting: boolean
}>()
const session = useSession()
const DIGS = '/api/farms/{farmId}/digs'
const { data: machines } = useRead('/api/farms/{farmId}/machines')
const { data: digs } = useRead(DIGS)
const machine = computed(() => machines.value?.find((m) => m.work?.includes('plant')))
const frameKg = ref<number>()
const rows = ref<number>()
const green = ref(props.greenAtPlanting)
const wet = ref(false)
const form = ref({
  dug: session.usual('digSeeds') as number | undefined,
  open: 0 as number | undefined,
  pinned: 0 as number | undefined,
  wrong: 0 as number | undefined,
  setting: '',
})
const refused = ref<Refusal | null>(null)
const residue = computed(
  () =>
    `${green.value ? 'green or rolled' : 'dead'}, ${
      props.coverMgPerHa >= session.usual('thickMulch')
        ? 'thick'
        : props.coverMgPerHa >= session.usual('thinMulch')
          ? 'middling'
          : 'thin'
    }`,
)

// What the shed knows of the planter is filled in once, and may be typed over.
watch(
  machines,
  (now, before) => {
    if (!now || before) return
    frameKg.value = machine.value?.massKg ?? session.usual('planterKg')
    rows.value = machine.value?.rowUnits ?? session.usual('planterRows')
  },
  { immediate: true },
)
const body = () => ({
  frameKg: frameKg.value ?? 0,
  rows: Math.round(rows.value ?? 0),
  coverMgPerHa: props.coverMgPerHa,
  green: green.value,
  wetGround: wet.value,
})
const { answer, trouble } = useAnswer(
  () => (frameKg.value && rows.value ? JSON.stringify(body()) : ''),
  () =>
    consider('/api/farms/{farmId}/sheets/planter', {
      body: body(),
    }),
)
const before = computed(() =>
  digs.value?.find((d) => d.residue === residue.value && d.machineId === machine.value?.id),
)

const dig = () =>
  attempt(
    async () => {
      const kept = await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}/digs/{id}', {
        path: { fieldId: props.page.fieldId, id: newId() },
        body: {
          machineId: machine.value?.id,
          residue: residue.value,
          dugOn: session.farm?.today ?? '',
          dug: Math.round(form.value.dug ?? 0),
          slotsOpen: Math.round(form.value.open ?? 0),
          pinned: Math.round(form.value.pinned ?? 0),
          wrongDepth: Math.round(form.value.wrong ?? 0),
          setting: form.value.setting,
        },
      })
      await place(DIGS, [kept, ...(digs.value ?? [])])
      refused.value = null
    },
    (refusal) => (refused.value = refusal),
  )
</script>

<template>
  <section class="card">
    <h2>Planter sheet, {{ page.field }}</h2>
    <div class="four my-2 no-print">
      <FigureField v-model="frameKg" label="On the rows" unit="KG" />
      <FigureField v-model="rows" label="Rows" />
      <v-checkbox v-model="green" label="Green or freshly rolled" density="compact" />
      <v-checkbox v-model="wet" label="Ground near its limit" density="compact" />
    </div>
    <p class="muted small">
      For {{ session.amount(coverMgPerHa, 'MG_PER_HA') }} of cover on the ground at planting, as the
      planned ending leaves it in the middle year.
    </p>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <ul v-if="answer" class="advice">
      <li v-for="(a, i) in answer.advice" :key="i">{{ sentence(session.reason(a)) }}.</li>
    </ul>
    <p v-if="before" class="my-2 memory">
      Last time in like residue ({{ sayFullDay(before.dugOn) }}):
      <b>{{ before.setting || 'no setting noted' }}</b>;
      {{ session.amount(before.closed, 'SHARE') }} of slots shut.
      {{ sentence(session.reason(before.verdict)) }}.
    </p>
    <p class="muted small">
      Drive the way the roller went. Dig ten seeds in the first hundred steps and each time the
      ground changes.
    </p>
    <form v-if="session.operator" class="four mt-2 no-print" @submit.prevent="dig">
      <FigureField v-model="form.dug" label="Seeds dug" />
      <FigureField v-model="form.open" label="Slots open" />
      <FigureField v-model="form.pinned" label="Residue in slot" />
      <FigureField v-model="form.wrong" label="Wrong depth" />
      <v-text-field v-model="form.setting" label="Set at" class="wide" />
      <v-btn type="submit" variant="outlined">Keep the dig</v-btn>
    </form>
    <p v-if="refused" class="rust">{{ refused.message }}</p>
    <table v-if="digs?.length" class="plain mt-2">
      <tbody>
        <tr v-for="d in digs.slice(0, 5)" :key="d.id">
          <td class="small">{{ sayFullDay(d.dugOn) }}<br />{{ d.residue }}</td>
          <td class="small">
            {{ sentence(session.reason(d.verdict)) }}.
            <span class="muted"
              >{{ d.dug }} dug; surely {{ session.amount(d.closedLow, 'SHARE') }} or more shut</span
            >
          </td>
          <td class="small">{{ d.setting }}</td>
        </tr>
      </tbody>
    </table>
    <p class="muted small mt-2">▲ Stop the power take-off before clearing. Treated seed: gloves.</p>
  </section>
</template>

<style scoped>
.four {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px 12px;
  align-items: center;
}
.wide {
  grid-column: span 3;
}
.advice {
  padding-left: 18px;
}
.memory {
  color: var(--sky);
}
@media (max-width: 600px) {
  .four {
    grid-template-columns: 1fr 1fr;
  }
  .wide {
    grid-column: 1 / -1;
  }
}
</style>
