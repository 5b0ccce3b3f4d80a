<script setup lang="ts">
import { ref } from 'vue'
import { Refusal } from '../../api/client'
import { alter } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'

/** One's own name, and the address one signs in with. */
const session = useSession()
const name = ref(session.state?.name ?? '')
const form = ref({ email: session.state?.email ?? '', password: '' })
const wrong = ref<Refusal | null>(null)

const rename = () =>
  attempt(async () => {
    await alter('PUT', '/api/account', { body: { name: name.value, units: session.units } })
    await session.load()
    notice.show('The others see the new name from now on.')
  })
async function move() {
  wrong.value = null
  await attempt(
    async () => {
      await alter('PUT', '/api/account/email', { body: form.value })
      form.value.password = ''
      await session.load()
      notice.show('Sign in with the new address from now on.')
    },
    (refusal) => (wrong.value = refusal),
  )
}
</script>

<template>
  <section class="card mb-4">
    <h2 class="mb-3">You</h2>
    <form class="row mb-3" @submit.prevent="rename">
      <v-text-field v-model="name" label="Name" autocomplete="name" class="name" />
      <v-btn type="submit" variant="outlined" :disabled="!name.trim()">Save</v-btn>
    </form>
    <form class="row" @submit.prevent="move">
      <v-text-field v-model="form.email" label="E-mail" autocomplete="email" class="name" />
      <v-text-field
        v-model="form.password"
        label="Your password"
        type="password"
        autocomplete="current-password"
        class="name"
      />
      <v-btn type="submit" variant="outlined" :disabled="!form.email || !form.password"
        >Change the address</v-btn
      >
    </form>
    <p v-if="wrong" class="rust mt-2">{{ wrong.message }}</p>
  </section>
</template>

<style scoped>
.name {
  max-width: 260px;
}
</style>
