<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRead } from '../../farm/data'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSession } from '../../session'
import TrialCard from './TrialCard.vue'
import TrialForm from './TrialForm.vue'

/** Strips that compare ways on the farm's own fields. */
const session = useSession()
const { data: trials, trouble, again } = useRead('/api/farms/{farmId}/trials')
const laying = ref(false)
const latest = ref<string>()
/** One that says something is open, else the newest. */
const first = computed(() => (trials.value?.find((t) => t.results.length) ?? trials.value?.[0])?.id)
function laid(id: string) {
  laying.value = false
  latest.value = id
}
</script>

<template>
  <div class="page">
    <div class="row mb-3">
      <h1 class="grow">Strips: which way pays here</h1>
      <v-btn v-if="session.owner && !laying" color="primary" @click="laying = true">
        Lay out strips
      </v-btn>
    </div>
    <TrialForm v-if="laying" @laid="laid" @drop="laying = false" />
    <ReadTrouble v-if="!trials" what="The trials" :trouble="trouble" @again="again" />
    <p v-else-if="!trials.length && !laying" class="card">
      No strips yet. Two ways side by side in one field, four times over, tell what no neighbour's
      yield does: which one pays on your soil, and how sure that is.
    </p>
    <TrialCard v-for="t in trials" :key="t.id" :trial="t" :open="t.id === (latest ?? first)" />
  </div>
</template>
