<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { FieldSeason, PlanInput, Refusal } from '../../api/client'
import { useSession } from '../../session'
import { shown as inUnits, toSi, unitName } from '../../words/units'
import { sentence } from '../../words/reasons'
import { readNumber } from '../../words/numbers'
import { useKinds } from '../../words/kinds'

const props = defineProps<{
  plan: PlanInput | null
  shown: FieldSeason
  dirty: boolean
  refused: Refusal | null
  movable: boolean
}>()
const emit = defineEmits<{
  start: [purpose: string]
  change: [plan: PlanInput]
  save: [status: PlanInput['status']]
  drop: []
  remove: []
}>()
/** Rates that differ by less read the same. */
const SAME = 0.005
const session = useSession()
const kinds = useKinds()
const rateUnit = computed(() => unitName('KG_PER_HA', session.units))

const speciesItems = computed(() =>
  (session.choices?.species ?? []).map((s) => ({ title: s.name, value: s.id, family: s.family })),
)

function change(part: Partial<PlanInput>) {
  if (props.plan) emit('change', { ...props.plan, ...part })
}

/** Rates as typed, so that a half-typed number is not rewritten under the thumb. */
const rates = ref<string[]>([])
watch(
  () => [props.plan?.components, session.units],
  () => {
    rates.value = (props.plan?.components ?? []).map((c, i) => {
      const now = inUnits(c.rateKgPerHa, 'KG_PER_HA', session.units)
      const typed = readNumber(rates.value[i] ?? '', session.units).value ?? NaN
      return Math.abs(typed - now) < SAME
        ? (rates.value[i] ?? '')
        : String(Math.round(now * 10) / 10)
    })
  },
  { immediate: true, deep: true },
)

function setRate(i: number, typed: string) {
  rates.value[i] = typed
  const { value } = readNumber(typed, session.units)
  if (value === undefined) return
  const components = props.plan!.components.map((c, at) =>
    at === i ? { ...c, rateKgPerHa: toSi(value, 'KG_PER_HA', session.units) } : c,
  )
  change({ components })
}

function setSpecies(i: number, id: string) {
  change({
    components: props.plan!.components.map((c, at) =>
      at === i ? { species: id, rateKgPerHa: typical(id) } : c,
    ),
  })
}

function typical(id: string): number {
  return kinds.rates(id, props.plan?.method)?.typical ?? session.usual('coverRate')
}

function addSpecies() {
  const used = new Set(props.plan?.components.map((c) => c.species))
  const next = session.choices?.species.find((s) => !used.has(s.id))
  if (next)
    change({
      components: [
        ...props.plan!.components,
        { species: next.id, rateKgPerHa: typical(next.id) / 2 },
      ],
    })
}

function range(id: string): string {
  const r = kinds.rates(id, props.plan?.method)
  if (!r) return ''
  const to = (v: number) => Math.round(inUnits(v, 'KG_PER_HA', session.units))
  return `alone ${to(r.low)} to ${to(r.high)} ${rateUnit.value}`
}

function wrong(path: string): string {
  return props.refused?.errors.find((e) => e.path.startsWith(path))?.message ?? ''
}
</script>

<template>
  <section class="card editor">
    <template v-if="!plan">
      <h2>Why cover this field?</h2>
      <p v-if="shown.field.leftOutReason" class="my-2">
        Left out this year: {{ shown.field.leftOutReason }}.
      </p>
      <p v-else class="muted my-2">
        Say the first reason; a simple plan comes with it, yours to change.
      </p>
      <div v-if="movable" class="whys">
        <v-btn
          v-for="p in session.choices?.purposes"
          :key="p.key"
          variant="outlined"
          @click="emit('start', p.key)"
        >
          {{ sentence(p.label) }}
        </v-btn>
      </div>
    </template>
    <form v-else @submit.prevent="emit('save', 'accepted')">
      <div class="row mb-3">
        <h2 class="grow">The plan</h2>
        <span class="tag" :class="{ good: plan.status === 'accepted' && !dirty }">
          {{ dirty ? 'not kept yet' : plan.status }}
        </span>
      </div>
      <v-select
        :model-value="plan.purposes"
        label="Why, the first first"
        multiple
        class="mb-3"
        :readonly="!movable"
        :items="(session.choices?.purposes ?? []).map((p) => ({ title: p.label, value: p.key }))"
        :error-messages="wrong('purposes')"
        @update:model-value="change({ purposes: $event })"
      />
      <fieldset class="mix">
        <legend>What</legend>
        <div v-for="(c, i) in plan.components" :key="i" class="species">
          <v-autocomplete
            :model-value="c.species"
            :items="speciesItems"
            label="Species"
            :readonly="!movable"
            :error-messages="wrong(`components[${i}].species`)"
            @update:model-value="setSpecies(i, $event)"
          />
          <v-text-field
            :model-value="rates[i]"
            :label="rateUnit"
            inputmode="decimal"
            class="rate"
            :hint="range(c.species)"
            persistent-hint
            :readonly="!movable"
            :error-messages="wrong(`components[${i}].rateKgPerHa`)"
            @update:model-value="setRate(i, $event)"
          />
          <button
            v-if="plan.components.length > 1 && movable"
            type="button"
            class="out"
            :aria-label="`Take out ${c.species}`"
            @click="change({ components: plan.components.filter((_, at) => at !== i) })"
          >
            ×
          </button>
        </div>
        <v-btn v-if="movable" variant="text" size="small" @click="addSpecies">Add a species</v-btn>
      </fieldset>
      <v-select
        :model-value="plan.method"
        label="How it is seeded"
        class="mb-3"
        :readonly="!movable"
        :items="(session.choices?.methods ?? []).map((m) => ({ title: m.label, value: m.key }))"
        @update:model-value="change({ method: $event })"
      />
      <v-text-field
        :model-value="plan.seedOn"
        type="date"
        label="Seeded on"
        class="mb-3"
        :readonly="!movable"
        :error-messages="wrong('seedOn')"
        @update:model-value="$event && change({ seedOn: $event })"
      />
      <v-select
        :model-value="plan.ending"
        label="How it ends"
        class="mb-3"
        :readonly="!movable"
        :items="(session.choices?.endings ?? []).map((m) => ({ title: m.label, value: m.key }))"
        @update:model-value="change({ ending: $event })"
      />
      <v-text-field
        :model-value="plan.endOn"
        type="date"
        label="Ended on"
        :readonly="!movable"
        :error-messages="wrong('endOn')"
        @update:model-value="$event && change({ endOn: $event })"
      />
      <p v-if="refused && !refused.errors.length" class="rust mt-2">{{ refused.message }}</p>
      <div v-if="movable" class="row mt-4 no-print">
        <v-btn
          color="primary"
          type="submit"
          :disabled="!!refused || (!dirty && plan.status === 'accepted')"
          >Accept</v-btn
        >
        <v-btn
          v-if="dirty || plan.status === 'accepted'"
          variant="outlined"
          :disabled="!!refused"
          @click="emit('save', 'proposed')"
        >
          {{ dirty ? 'Keep as proposal' : 'Back to proposal' }}
        </v-btn>
        <v-btn v-if="dirty" variant="text" @click="emit('drop')">Drop</v-btn>
        <v-btn v-else variant="text" @click="emit('remove')">Take the plan away</v-btn>
      </div>
    </form>
  </section>
</template>

<style scoped>
.editor {
  position: sticky;
  top: 64px;
}
.whys {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.mix {
  border: 0;
  padding: 0;
  margin-bottom: 10px;
}
.mix legend {
  font-size: 0.82rem;
  color: var(--muted);
  padding-bottom: 4px;
}
.species {
  display: grid;
  grid-template-columns: 1fr 118px auto;
  gap: 8px;
  margin-bottom: 8px;
  align-items: start;
}
.out {
  font-size: 1.2rem;
  width: 28px;
  height: 40px;
  color: var(--muted);
}
@media (max-width: 900px) {
  .editor {
    position: static;
  }
}
</style>
