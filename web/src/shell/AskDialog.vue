<script setup lang="ts">
import { asked } from './ask'
</script>

<template>
  <v-dialog
    :model-value="asked !== null"
    max-width="440"
    :aria-label="asked?.text"
    @update:model-value="(open) => open || asked?.answer(false)"
  >
    <div v-if="asked" class="card" role="alertdialog">
      <p class="mb-4">{{ asked.text }}</p>
      <div class="row">
        <v-btn autofocus color="primary" @click="asked.answer(false)">{{ asked.no }}</v-btn>
        <v-btn variant="outlined" @click="asked?.answer(true)">{{ asked.yes }}</v-btn>
      </div>
    </div>
  </v-dialog>
</template>
