<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Schemas } from '../../api/client'
import { upload, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'

/** A seed-rate monitor read while the drill runs, or its file afterwards. */
const props = defineProps<{ fieldId: string; targetKgPerHa: number }>()
const emit = defineEmits<{ out: [areaHa: number, seedKg: number] }>()
const session = useSession()
const port = ref('9101')
const file = ref<Schemas['AsApplied'] | null>(null)
const trouble = ref('')
const live = ref(false)
/** While it runs it is read every three seconds. */
const READ_MS = 3000
const { data: reading, trouble: silent } = useRead(
  '/api/farms/{farmId}/monitor',
  () => (live.value ? { query: { port: Number(port.value) } } : null),
  () => READ_MS,
)
const start = () => (live.value = true)
const stop = () => (live.value = false)
watch(silent, (why) => {
  if (!why) return
  trouble.value = why
  stop()
})

async function take(event: Event) {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  if (!chosen) return
  await attempt(
    async () => {
      file.value = await upload<Schemas['AsApplied']>(
        `/api/farms/${session.farm?.id}/fields/${props.fieldId}/as-applied`,
        chosen,
      )
      trouble.value = ''
      emit('out', file.value.areaHa, file.value.seedKg)
    },
    (refusal) => (trouble.value = refusal.message),
  )
}
const off = (rate: number) => Math.round(100 * (rate / props.targetKgPerHa - 1))
</script>

<template>
  <section class="card no-print">
    <h2>Monitor</h2>
    <div class="row my-2">
      <v-text-field v-model="port" label="Port on this machine" style="max-width: 160px" />
      <v-btn v-if="!live" variant="outlined" @click="start">Read it</v-btn>
      <v-btn v-else variant="outlined" @click="stop">Stop</v-btn>
      <label class="file"
        >As-applied or as-flown file
        <input type="file" accept=".csv,text/csv" hidden @change="take" />
      </label>
    </div>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <template v-if="reading">
      <p class="big" aria-live="polite">
        {{ session.amount(reading.rateKgPerHa, 'KG_PER_HA', 1) }}
        <span class="small">{{ off(reading.rateKgPerHa) }} % off the plan</span>
      </p>
      <p>
        {{ session.amount(reading.areaHa, 'HA', 1) }} done,
        {{ session.amount(reading.seedKg, 'KG') }} gone.
      </p>
      <p v-if="reading.pluggedRows.length" class="rust">
        <b>Row {{ reading.pluggedRows.join(', ') }} gives no seed.</b> Stop the drive before
        clearing it.
      </p>
      <v-btn size="small" variant="text" @click="emit('out', reading.areaHa, reading.seedKg)"
        >Use these figures</v-btn
      >
    </template>
    <p v-if="file">
      {{ file.steps.toLocaleString('en-US') }} steps on {{ file.day }}:
      {{ session.amount(file.areaHa, 'HA', 1) }}, {{ session.amount(file.seedKg, 'KG') }},
      {{ session.amount(file.rateKgPerHa, 'KG_PER_HA', 1) }} (eight tenths between
      {{ session.amount(file.lowestKgPerHa, 'KG_PER_HA') }} and
      {{ session.amount(file.highestKgPerHa, 'KG_PER_HA') }}).
      <span v-if="file.pluggedRows.length" class="rust"
        >Row {{ file.pluggedRows.join(', ') }} was plugged for a while.</span
      >
    </p>
  </section>
</template>

<style scoped>
.big {
  font-size: 1.5rem;
  font-weight: 680;
}
.small {
  font-size: 0.9rem;
  font-weight: 400;
}
.file {
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
</style>
