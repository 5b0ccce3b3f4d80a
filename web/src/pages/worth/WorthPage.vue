<script setup lang="ts">
import BudgetCard from './BudgetCard.vue'
import FeedSums from './FeedSums.vue'
import OwnOrHireCard from './OwnOrHireCard.vue'

/** Sums about money and feed that hang on no field. */
</script>

<template>
  <div class="page narrow">
    <h1 class="mb-3">Does it pay</h1>
    <BudgetCard />
    <OwnOrHireCard />
    <FeedSums />
  </div>
</template>

<style scoped>
.narrow {
  max-width: 900px;
}
</style>
