<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { plus } from '../../words/days'
import { sentence } from '../../words/reasons'
import { shown, toSi, unitName, type Unit } from '../../words/units'
import { readNumber } from '../../words/numbers'

/** What is wanted of the cover, how much, by when and how surely. Undefined: the plan's purpose. */
const goal = defineModel<Schemas['GoalInput']>()
const props = defineProps<{ purpose: string; seasonStart: string }>()
/** From here on a tenth more or less is nothing. */
const WHOLE_FROM = 20
const session = useSession()

const what = ref('purpose')
const KINDS = computed(() => [
  { value: 'purpose', title: 'what the plan is for' },
  { value: 'cover', title: 'cover standing' },
  { value: 'ground', title: 'ground shaded' },
])
const purpose = computed(() => session.choices?.purposes.find((p) => p.key === props.purpose))
const unit = computed<Unit>(() =>
  what.value === 'purpose'
    ? (purpose.value?.unit ?? 'COUNT')
    : what.value === 'cover'
      ? 'MG_PER_HA'
      : 'SHARE',
)
const usual = computed(() =>
  what.value === 'purpose'
    ? (purpose.value?.target ?? 0)
    : session.usual(what.value === 'cover' ? 'goalCover' : 'goalGround'),
)
const amount = ref('')
const day = ref('')
const tenths = ref(session.usual('goalTenths'))

function fill() {
  const value = shown(usual.value, unit.value, session.units)
  amount.value = String(value < WHOLE_FROM ? Math.round(value * 10) / 10 : Math.round(value))
  const december = plus(props.seasonStart, 153)
  day.value = what.value === 'cover' ? plus(props.seasonStart, 328) : december
}
watch([what, () => props.purpose, () => session.units], fill, { immediate: true })

watch([what, amount, day, tenths, unit], () => {
  const { value } = readNumber(amount.value, session.units)
  if (value === undefined) return
  goal.value = {
    measure: what.value,
    purpose: what.value === 'purpose' ? props.purpose : undefined,
    day: what.value === 'purpose' ? undefined : day.value || undefined,
    target: toSi(value, unit.value, session.units),
    share: tenths.value / 10,
  }
})
</script>

<template>
  <div class="goal no-print">
    <v-select
      v-model="what"
      :items="KINDS"
      label="Goal"
      density="compact"
      style="min-width: 190px"
    />
    <v-text-field
      v-model="amount"
      :label="`At least, ${unitName(unit, session.units) || 'days'}`"
      inputmode="decimal"
      density="compact"
      :hint="what === 'purpose' && purpose ? sentence(purpose.measure) : ''"
      persistent-hint
      style="min-width: 120px"
    />
    <v-text-field
      v-if="what !== 'purpose'"
      v-model="day"
      type="date"
      label="On"
      density="compact"
      style="min-width: 150px"
    />
    <v-select
      v-model="tenths"
      :items="[5, 6, 7, 8, 9, 10]"
      label="Years of ten"
      density="compact"
      style="min-width: 110px"
    />
  </div>
</template>

<style scoped>
.goal {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  gap: 10px;
  margin: 8px 0 4px;
}
.goal > * {
  flex: 1 1 0;
}
</style>
