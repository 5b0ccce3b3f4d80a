<script setup lang="ts">
import FigureField from '../../parts/FigureField.vue'
import TapeField from '../../parts/TapeField.vue'
import { useKinds } from '../../words/kinds'
import type { RowSetup } from './rowSetup'

/** What a toolbar is set to: openers, gaps, the next row, and strips with a seed of their own. */
const props = defineProps<{ rows: RowSetup; wrong: (path: string) => string }>()
const emit = defineEmits<{ change: [part: Partial<RowSetup>] }>()
const kinds = useKinds()
const strip = (i: number, part: Partial<NonNullable<RowSetup['strips']>[number]>) =>
  emit('change', {
    strips: props.rows.strips?.map((s, at) => (at === i ? { ...s, ...part } : s)),
  })
</script>

<template>
  <div>
    <div class="two mt-2">
      <TapeField
        :model-value="rows.cropSpacingM"
        label="Crop rows apart"
        :error="wrong('cropSpacingM')"
        @update:model-value="emit('change', { cropSpacingM: $event ?? 0 })"
      />
      <FigureField
        :model-value="rows.openers"
        label="Openers in a gap"
        :error="wrong('openers')"
        @update:model-value="emit('change', { openers: Math.round($event ?? 0) })"
      />
      <TapeField
        :model-value="rows.apartM"
        label="Openers apart"
        :error="wrong('openerSpacingM')"
        @update:model-value="emit('change', { apartM: $event ?? 0 })"
      />
      <TapeField
        :model-value="rows.twinM"
        label="Twin rows apart"
        :error="wrong('twinM')"
        @update:model-value="emit('change', { twinM: $event })"
      />
      <FigureField
        :model-value="rows.seededGaps"
        label="Gaps seeded"
        :error="wrong('seededGaps')"
        @update:model-value="emit('change', { seededGaps: Math.round($event ?? 0) })"
      />
      <FigureField
        :model-value="rows.ofGaps"
        label="of so many"
        :error="wrong('ofGaps')"
        @update:model-value="emit('change', { ofGaps: Math.round($event ?? 0) })"
      />
      <TapeField
        :model-value="rows.nextRowM"
        label="Next crop’s row at"
        :error="wrong('nextRowM')"
        @update:model-value="emit('change', { nextRowM: $event })"
      />
      <FigureField
        :model-value="rows.angleDeg"
        label="Angle to the rows, °"
        :error="wrong('angleDeg')"
        @update:model-value="emit('change', { angleDeg: $event ?? 0 })"
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
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px 8px;
}
</style>
