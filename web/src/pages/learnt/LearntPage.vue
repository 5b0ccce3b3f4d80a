<script setup lang="ts">
import { useRead } from '../../farm/data'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import LearntCard from './LearntCard.vue'

/** What the farm's own record says of the forecasts made for it. */
const { data: learnt, trouble, again } = useRead('/api/farms/{farmId}/learnt')
</script>

<template>
  <div class="page narrow">
    <h1 class="mb-2">What your record says</h1>
    <p class="muted mb-4">
      Each dot is a forecast and what came of it. On the dashes they are alike; the green line is
      what your farm makes of forecasts.
    </p>
    <ReadTrouble v-if="!learnt" what="Your record" :trouble="trouble" @again="again" />
    <LearntCard v-for="l in learnt" :key="l.what" :learnt="l" />
  </div>
</template>

<style scoped>
.narrow {
  max-width: 860px;
}
</style>
