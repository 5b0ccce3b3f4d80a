<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { Refusal } from '../../api/client'
import { alter } from '../../farm/data'
import NewAccountFields from '../../parts/NewAccountFields.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'

const session = useSession()
const router = useRouter()
const form = ref({ email: '', name: '', password: '' })
const wrong = ref<Refusal | null>(null)

async function make() {
  wrong.value = null
  await attempt(
    async () => {
      await session.enter(await alter('POST', '/api/first-run', { body: form.value }))
      await router.replace('/season')
    },
    (refusal) => (wrong.value = refusal),
  )
}
</script>

<template>
  <div class="page" style="max-width: 520px">
    <form class="card mt-8" @submit.prevent="make">
      <h1 class="mb-1">Welcome to Nimble Furrow</h1>
      <p class="muted mb-4">Nobody has an account on this server yet. The first one owns it.</p>
      <NewAccountFields v-model="form" :wrong="wrong" />
      <v-btn class="mt-4" color="primary" type="submit">Make the account</v-btn>
    </form>
  </div>
</template>
