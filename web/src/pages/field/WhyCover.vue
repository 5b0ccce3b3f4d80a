<script setup lang="ts">
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'

/** A field without a plan: the first reason brings a simple one. */
defineProps<{ leftOutReason?: string; movable: boolean }>()
const emit = defineEmits<{ start: [purpose: string] }>()
const session = useSession()
</script>

<template>
  <h2>Why cover this field?</h2>
  <p v-if="leftOutReason" class="my-2">Left out this year: {{ leftOutReason }}.</p>
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

<style scoped>
.whys {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
