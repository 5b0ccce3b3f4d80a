<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRead } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { useStripWidth } from './useStripWidth'

/** How wide strips are: the smallest width that the machines chosen make in whole passes. */
const width = defineModel<number | undefined>()
const props = defineProps<{ treatments: number; replicates: number; areaHa?: number }>()
const session = useSession()
const SQUARE_M = 10_000
const { data: shed } = useRead('/api/farms/{farmId}/machines')
const planter = ref<string>()
const others = ref<string[]>([])
const head = ref<number | undefined>(session.usual('trialHead'))
const guard = ref<number | undefined>(session.usual('trialGuard'))
const machines = computed(() =>
  (shed.value ?? []).map((m) => ({
    value: m.id,
    title: `${m.name}, ${session.amount(m.widthM, 'M')}`,
    widthM: m.widthM,
    plants: !!m.work?.includes('plant'),
  })),
)
watch(machines, (all) => (planter.value ??= all.find((m) => m.plants)?.value), { immediate: true })
const wide = (id: string) => machines.value.find((m) => m.value === id)!.widthM
const asked = computed(() => ({
  widths: planter.value && machines.value.length ? [planter.value, ...others.value].map(wide) : [],
  head: head.value,
  guard: guard.value,
  treatments: props.treatments,
  replicates: props.replicates,
  // A square of the field's area, until its strips are drawn.
  across: props.areaHa ? Math.sqrt(props.areaHa * SQUARE_M) : session.usual('trialAcross'),
}))
const { width: found, wrong } = useStripWidth(asked)
watch(found, (now) => (width.value = now?.stripWidthM))
const say = (m: number) => session.amount(m, 'M')
</script>

<template>
  <div class="row mb-2">
    <v-select v-model="planter" :items="machines" label="Planter" class="machine" />
    <v-select
      v-model="others"
      :items="machines.filter((m) => m.value !== planter)"
      label="And every machine that makes a way"
      multiple
      chips
      class="machine grow"
    />
    <FigureField v-model="head" label="Combine's head" unit="M" class="short" />
    <FigureField v-model="guard" label="Left on either side" unit="M" class="short" />
  </div>
  <p v-if="wrong" class="rust">{{ wrong }}</p>
  <p v-else-if="found" :class="{ rust: !found.fits }">
    <b>{{ say(found.stripWidthM) }} a strip:</b>
    {{ found.passes.map((p) => `${p.passes} × ${say(p.widthM)}`).join(', ') }}; the combine takes
    {{ found.harvestPasses }} full {{ found.harvestPasses === 1 ? 'pass' : 'passes' }} out of it.
    About {{ found.stripsThatFit }} fit beside each other, {{ treatments * replicates }} are wanted.
  </p>
  <p v-else class="muted">Choose the planter: its passes make a strip.</p>
</template>

<style scoped>
.machine {
  min-width: 220px;
}
.short {
  max-width: 170px;
  min-width: 130px;
}
</style>
