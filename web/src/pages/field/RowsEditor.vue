<script setup lang="ts">
import { computed } from 'vue'
import type { PlanInput, Refusal } from '../../api/client'
import { useAnswer } from '../../answer'
import { consider } from '../../farm/data'
import RowsDrawing from '../../parts/RowsDrawing.vue'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'
import RowFields from './RowFields.vue'
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
        <RowFields :rows="rows" :wrong="wrong" @change="change" />
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
.buttons {
  display: flex;
  flex-wrap: wrap;
}
</style>
