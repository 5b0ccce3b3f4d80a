<script setup lang="ts">
/** What cannot be shown and why, with the way to try again. */
defineProps<{ what: string; trouble: string }>()
const emit = defineEmits<{ again: [] }>()
</script>

<template>
  <div v-if="trouble" class="card" role="alert">
    <h1>{{ what }} cannot be shown</h1>
    <p class="my-2">{{ trouble }}</p>
    <v-btn variant="outlined" @click="emit('again')">Try again</v-btn>
  </div>
</template>
