<script setup lang="ts">
import { computed } from 'vue'
import type { FieldView, Schemas } from '../../api/client'
import { conflicts } from './fieldForm'

/** What one wrote beside what another saved meanwhile. */
const props = defineProps<{ mine: Schemas['FieldInput']; theirs: FieldView | null }>()
const emit = defineEmits<{ mine: []; theirs: [] }>()
const conflict = computed(() => (props.theirs ? conflicts(props.mine, props.theirs) : []))
</script>

<template>
  <v-dialog :model-value="!!theirs" persistent max-width="620">
    <div class="card">
      <h2>Someone else changed this field meanwhile</h2>
      <table class="plain my-3">
        <thead>
          <tr>
            <th></th>
            <th>yours</th>
            <th>theirs</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="[what, a, b] in conflict" :key="what">
            <td>{{ what }}</td>
            <td>{{ a }}</td>
            <td>{{ b }}</td>
          </tr>
          <tr v-if="!conflict.length">
            <td colspan="3">Both say the same now.</td>
          </tr>
        </tbody>
      </table>
      <div class="row">
        <v-btn color="primary" @click="emit('mine')">Keep mine</v-btn>
        <v-btn variant="outlined" @click="emit('theirs')">Take theirs</v-btn>
      </div>
    </div>
  </v-dialog>
</template>
