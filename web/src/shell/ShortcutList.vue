<script setup lang="ts">
const open = defineModel<boolean>({ required: true })
const keys = [
  ['/', 'find a field'],
  ['1 … 5', 'go to a page'],
  ['Tab', 'next field or mark'],
  ['← →', 'move the mark a day'],
  ['Shift ← →', 'move it a week'],
  ['Enter', 'keep the move'],
  ['Esc', 'drop the move'],
  ['u', 'undo the last change'],
  ['?', 'this list'],
]
</script>

<template>
  <v-dialog v-model="open" max-width="380" aria-label="Keys">
    <div class="card">
      <h2 class="mb-2">Keys</h2>
      <table class="plain">
        <tbody>
          <tr v-for="[key, what] in keys" :key="key">
            <td>
              <b>{{ key }}</b>
            </td>
            <td>{{ what }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </v-dialog>
</template>
