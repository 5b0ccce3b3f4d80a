<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { consider, useRead } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import type { Unit } from '../../words/units'
import { ownError } from './strips'

/** How many blocks it takes to see the difference that would change a grower's mind. */
const props = defineProps<{ unit: Unit; treatments: number; replicates: number }>()
const session = useSession()
const { data: trials } = useRead('/api/farms/{farmId}/trials')
const YIELD = 'yieldMgPerHa'
/** What the farm's own trials say goes before what is usual. */
const own = computed(() => ownError(trials.value ?? [], YIELD))
const varies = computed(() => own.value?.cv ?? session.usual('trialVaries'))
const difference = ref<number>()
const mean = ref<number>()
const needed = ref<number | null>()
watch([difference, mean, varies, () => props.treatments], async () => {
  needed.value = undefined
  if (!difference.value || !mean.value) return
  const answer = await attempt(() =>
    consider('/api/bench/replicates', {
      body: {
        difference: difference.value!,
        mean: mean.value!,
        cvFraction: varies.value,
        treatments: props.treatments,
      },
    }),
  )
  if (answer) needed.value = answer.replicates ?? null
})
</script>

<template>
  <div class="row mb-3">
    <FigureField v-model="difference" label="Would change my mind" :unit="unit" class="short" />
    <FigureField v-model="mean" label="Usual yield" :unit="unit" class="short" />
    <p v-if="needed === null" class="rust grow">
      Fifty blocks would not show it: strips vary by more. Look for a greater difference, or ask the
      same question over several years.
    </p>
    <p v-else-if="needed" class="grow" :class="{ rust: needed > replicates }">
      <b>{{ needed }} blocks</b> see it eight times in ten, where strips vary by
      {{ session.amount(varies, 'FINE_SHARE') }},
      {{ own ? `as in ${own.trials} of your own trials` : 'as is usual' }}.
    </p>
  </div>
</template>

<style scoped>
.short {
  min-width: 220px;
  max-width: 260px;
}
</style>
