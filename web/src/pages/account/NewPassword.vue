<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Refusal } from '../../api/client'
import { alter } from '../../farm/data'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'

/** A new password by the link that an owner handed over. */
const route = useRoute()
const router = useRouter()
const password = ref('')
const wrong = ref<Refusal | null>(null)

async function set() {
  wrong.value = null
  await attempt(
    async () => {
      await alter('POST', '/api/password-links/{secret}', {
        path: { secret: String(route.params.secret) },
        body: { password: password.value },
      })
      notice.show('The new password holds; sign in with it.')
      await router.replace('/sign-in')
    },
    (refusal) => (wrong.value = refusal),
  )
}
</script>

<template>
  <div class="page" style="max-width: 520px">
    <form class="card mt-8" @submit.prevent="set">
      <h1 class="mb-3">A new password</h1>
      <v-text-field
        v-model="password"
        label="At least 10 characters"
        type="password"
        autocomplete="new-password"
        :error-messages="wrong?.at('password')"
      />
      <p v-if="wrong && !wrong.at('password')" class="rust mt-2">{{ wrong.message }}</p>
      <p class="muted my-2">Wherever you were signed in, you are signed out.</p>
      <v-btn color="primary" type="submit" :disabled="!password">Set it</v-btn>
    </form>
  </div>
</template>
