<script setup lang="ts">
import { ref } from 'vue'
import { Refusal } from '../../api/client'
import { alter } from '../../farm/data'
import { notice } from '../../shell/notice'
import { attempt } from '../../shell/attempt'

/** One's own password, changed with the one that holds now. */
const form = ref({ now: '', next: '' })
const wrong = ref<Refusal | null>(null)

async function change() {
  wrong.value = null
  await attempt(
    async () => {
      await alter('PUT', '/api/account/password', { body: form.value })
      form.value = { now: '', next: '' }
      notice.show('The password is changed; everywhere else you are signed out.')
    },
    (refusal) => (wrong.value = refusal),
  )
}
</script>

<template>
  <section class="card mb-4">
    <h2 class="mb-3">Password</h2>
    <form class="row" @submit.prevent="change">
      <v-text-field
        v-model="form.now"
        label="The one that holds now"
        type="password"
        autocomplete="current-password"
        style="max-width: 260px"
      />
      <v-text-field
        v-model="form.next"
        label="The new one, at least 10 characters"
        type="password"
        autocomplete="new-password"
        style="max-width: 300px"
      />
      <v-btn type="submit" variant="outlined" :disabled="!form.now || !form.next">Change</v-btn>
    </form>
    <p v-if="wrong" class="rust mt-2">{{ wrong.message }}</p>
  </section>
</template>
