<script setup lang="ts">
import AxisLevels from './AxisLevels.vue'
import AxisTicks from './AxisTicks.vue'
import type { Level, View } from './zoom'

/** What is looked at, from years to days, and the days along it. */
defineProps<{ view: View; level: Level; width: number; levels?: readonly Level[] }>()
defineEmits<{ go: [level: Level]; closer: []; farther: [] }>()
</script>

<template>
  <div class="head">
    <AxisLevels
      :level="level"
      :levels="levels"
      @go="$emit('go', $event)"
      @closer="$emit('closer')"
      @farther="$emit('farther')"
    />
    <AxisTicks :view="view" :level="level" :width="width" />
  </div>
</template>
