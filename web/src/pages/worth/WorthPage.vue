<script setup lang="ts">
import BudgetCard from './BudgetCard.vue'
import FarmAccounts from './FarmAccounts.vue'
import FeedSums from './FeedSums.vue'
import OwnOrHireCard from './OwnOrHireCard.vue'

/** What covers cost and bring over the farm, and sums that hang on no field. */
</script>

<template>
  <div class="page narrow">
    <h1 class="mb-3">Does it pay</h1>
    <FarmAccounts />
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
