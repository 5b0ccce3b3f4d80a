<script setup lang="ts">
import { computed } from 'vue'
import type { FieldSeason, PlanInput, Refusal } from '../../api/client'
import { useRead } from '../../farm/data'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'
import PlanMix from './PlanMix.vue'
import { rowsFor } from './rowSetup'
import RowsEditor from './RowsEditor.vue'
import WhyCover from './WhyCover.vue'

/** The plan of a field: why, with what, how and when it is seeded and ended. */
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
const session = useSession()
const kinds = useKinds()
function change(part: Partial<PlanInput>) {
  if (props.plan) emit('change', { ...props.plan, ...part })
}
/** Those of the shed that seed this way. */
const { data: shed } = useRead('/api/farms/{farmId}/machines')
const machines = computed(() =>
  (shed.value ?? [])
    .filter((m) => props.plan && m.methods.includes(props.plan.method))
    .map((m) => ({ value: m.id, title: m.name })),
)
const wrong = (path: string) =>
  props.refused?.errors.find((e) => e.path.startsWith(path))?.message ?? ''
</script>

<template>
  <section class="card editor">
    <p v-if="!plan && shown.furrow.soil.rank === 'much'" class="mb-3">
      <b>{{ sentence(shown.furrow.soil.label) }}.</b>
      {{ sentence(session.reason(shown.furrow.soil.why)) }}.
    </p>
    <WhyCover
      v-if="!plan"
      :left-out-reason="shown.field.leftOutReason"
      :movable="movable"
      @start="emit('start', $event)"
    />
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
      <PlanMix
        :plan="plan"
        :refused="refused"
        :movable="movable"
        @change="change({ components: $event, rows: rowsFor(plan.rows, $event) })"
      />
      <v-select
        :model-value="plan.method"
        label="How it is seeded"
        class="mb-3"
        :readonly="!movable"
        :items="(session.choices?.methods ?? []).map((m) => ({ title: m.label, value: m.key }))"
        @update:model-value="
          change({
            method: $event,
            machineId: undefined,
            rows: kinds.method($event)?.inRows ? plan.rows : undefined,
          })
        "
      />
      <v-select
        v-if="machines.length"
        :model-value="machines.find((m) => m.value === plan?.machineId)?.value"
        :label="plan.machineId ? 'With' : 'With whichever is free'"
        clearable
        class="mb-3"
        :readonly="!movable"
        :items="machines"
        @update:model-value="change({ machineId: $event ?? undefined })"
      />
      <RowsEditor
        :plan="plan"
        :crop-spacing="shown.field.crop.rowSpacingM"
        :refused="refused"
        :movable="movable"
        @change="change({ rows: $event })"
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
@media (max-width: 900px) {
  .editor {
    position: static;
  }
}
</style>
