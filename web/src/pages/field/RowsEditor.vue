<script setup lang="ts">
import { computed } from 'vue'
import type { PlanInput, Refusal } from '../../api/client'
import { useAnswer } from '../../answer'
import { consider } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import RowsDrawing from '../../parts/RowsDrawing.vue'
import TapeField from '../../parts/TapeField.vue'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'
import { freshRows, freshStrips, type RowSetup } from './rowSetup'
import SideDressFields from './SideDressFields.vue'

/** How the seed of a plan stands between the rows of the crop, drawn to scale. */
const props = defineProps<{
  plan: PlanInput
  cropSpacing?: number
  refused: Refusal | null
  movable: boolean
}>()
const emit = defineEmits<{ change: [rows: RowSetup | undefined] }>()
const session = useSession()
const kinds = useKinds()
const method = computed(() => kinds.method(props.plan.method))
const rows = computed(() => props.plan.rows)
const change = (part: Partial<RowSetup>) => rows.value && emit('change', { ...rows.value, ...part })
const begin = () =>
  emit(
    'change',
    freshRows(
      props.cropSpacing ?? session.usual('cropRowSpacing'),
      session.usual('openersInGap'),
      session.usual('coverRowSpacing'),
    ),
  )
const strip = (i: number, part: Partial<NonNullable<RowSetup['strips']>[number]>) =>
  change({ strips: rows.value?.strips?.map((s, at) => (at === i ? { ...s, ...part } : s)) })
const { answer } = useAnswer(
  () => (rows.value ? JSON.stringify([rows.value, props.plan.method, props.plan.components]) : ''),
  () =>
    consider('/api/farms/{farmId}/rows', {
      body: {
        rows: rows.value!,
        method: props.plan.method,
        components: props.plan.components,
      },
    }),
)
const wrong = (path: string) =>
  props.refused?.errors.find((e) => e.path.startsWith(`rows.${path}`))?.message ?? ''
</script>

<template>
  <div v-if="method?.inRows" class="mb-3">
    <v-btn v-if="!rows && movable" variant="text" size="small" class="mb-1" @click="begin"
      >Lay its rows{{ method.underCrop ? ', side-dress with it' : '' }}</v-btn
    >
    <fieldset v-if="rows" :disabled="!movable">
      <legend>Rows</legend>
      <RowsDrawing
        v-if="answer"
        :spacing="rows.cropSpacingM"
        :cover="answer.coverRowsM"
        :next="rows.nextRowM"
        :band="rows.sideDress?.bandM"
        :standing="method.underCrop"
      />
      <ul v-if="answer" class="small words">
        <li v-for="(w, i) in answer.words" :key="i">{{ sentence(session.reason(w)) }}.</li>
      </ul>
      <details>
        <summary class="small">Change the rows</summary>
        <div class="two mt-2">
          <TapeField
            :model-value="rows.cropSpacingM"
            label="Crop rows apart"
            :error="wrong('cropSpacingM')"
            @update:model-value="change({ cropSpacingM: $event ?? 0 })"
          />
          <FigureField
            :model-value="rows.openers"
            label="Openers in a gap"
            :error="wrong('openers')"
            @update:model-value="change({ openers: Math.round($event ?? 0) })"
          />
          <TapeField
            :model-value="rows.apartM"
            label="Openers apart"
            :error="wrong('openerSpacingM')"
            @update:model-value="change({ apartM: $event ?? 0 })"
          />
          <TapeField
            :model-value="rows.twinM"
            label="Twin rows apart"
            :error="wrong('twinM')"
            @update:model-value="change({ twinM: $event })"
          />
          <FigureField
            :model-value="rows.seededGaps"
            label="Gaps seeded"
            :error="wrong('seededGaps')"
            @update:model-value="change({ seededGaps: Math.round($event ?? 0) })"
          />
          <FigureField
            :model-value="rows.ofGaps"
            label="of so many"
            :error="wrong('ofGaps')"
            @update:model-value="change({ ofGaps: Math.round($event ?? 0) })"
          />
          <TapeField
            :model-value="rows.nextRowM"
            label="Next crop’s row at"
            :error="wrong('nextRowM')"
            @update:model-value="change({ nextRowM: $event })"
          />
          <FigureField
            :model-value="rows.angleDeg"
            label="Angle to the rows, °"
            :error="wrong('angleDeg')"
            @update:model-value="change({ angleDeg: $event ?? 0 })"
          />
        </div>
        <template v-for="(s, i) in rows.strips ?? []" :key="s.species">
          <p class="small mt-2">{{ kinds.species(s.species)?.name ?? s.species }}</p>
          <div class="two">
            <TapeField
              :model-value="s.widthM"
              label="Strip"
              :error="wrong(`strips[${i}]`)"
              @update:model-value="strip(i, { widthM: $event ?? 0 })"
            />
            <v-text-field
              :model-value="s.box"
              label="From the box"
              @update:model-value="strip(i, { box: $event })"
            />
          </div>
        </template>
        <SideDressFields
          v-if="rows.sideDress"
          :model-value="rows.sideDress"
          :wrong="wrong"
          @update:model-value="change({ sideDress: $event })"
        />
        <div class="buttons">
          <v-btn
            v-if="plan.components.length > 1"
            variant="text"
            size="small"
            @click="
              change({
                strips: rows.strips?.length ? [] : freshStrips(plan.components, rows.cropSpacingM),
              })
            "
            >{{ rows.strips?.length ? 'One mix in all rows' : 'Each seed in its own strip' }}</v-btn
          >
          <v-btn
            v-if="method.underCrop"
            variant="text"
            size="small"
            @click="
              change({
                sideDress: rows.sideDress
                  ? undefined
                  : { product: '', nitrogenKgPerHa: 0, bandM: rows.cropSpacingM / 2 },
              })
            "
            >{{ rows.sideDress ? 'No side-dress with it' : 'Side-dress in the same pass' }}</v-btn
          >
          <v-btn variant="text" size="small" @click="emit('change', undefined)"
            >Say nothing of rows</v-btn
          >
        </div>
      </details>
    </fieldset>
  </div>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
}
legend {
  font-size: 0.82rem;
  color: var(--muted);
}
.words {
  margin: 0 0 6px;
  padding-left: 18px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px 8px;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
}
</style>
