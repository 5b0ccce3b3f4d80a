<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Refusal } from '../../api/client'
import { alter } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'

/** Giving up the farm, or one's account: for good, so each says again what goes. */
const session = useSession()
const router = useRouter()
const name = ref('')
const password = ref('')
const wrong = ref<{ farm?: Refusal; account?: Refusal }>({})
const archive = computed(() => `/api/farms/${session.farm?.id}/archive.zip?units=${session.units}`)

const deleteFarm = () =>
  attempt(
    async () => {
      const farm = session.farm?.name ?? ''
      await alter('POST', '/api/farms/{farmId}/delete', { body: { name: name.value } })
      name.value = ''
      await session.load()
      notice.show(`${farm} is deleted.`)
    },
    (refusal) => (wrong.value = { farm: refusal }),
  )
const deleteAccount = () =>
  attempt(
    async () => {
      await alter('POST', '/api/account/delete', { body: { password: password.value } })
      await session.load()
      await router.replace('/sign-in')
    },
    (refusal) => (wrong.value = { account: refusal }),
  )
</script>

<template>
  <section class="card mt-4">
    <h2 class="mb-2">Giving up</h2>
    <template v-if="session.owner">
      <h3>The farm</h3>
      <p class="muted my-2">
        Deletes {{ session.farm?.name }} with its fields, plans, record, pictures and papers, for
        everyone and for good. Take its files first:
        <a :href="archive" download>farm.zip</a>
      </p>
      <form class="row mb-4" @submit.prevent="deleteFarm">
        <v-text-field
          v-model="name"
          :label="`Its name again: ${session.farm?.name}`"
          :error-messages="wrong.farm?.message"
          style="max-width: 320px"
        />
        <v-btn type="submit" variant="outlined" color="error" :disabled="!name.trim()"
          >Delete the farm</v-btn
        >
      </form>
    </template>
    <h3>Your account</h3>
    <p class="muted my-2">What you wrote down stays with the farms, without your name.</p>
    <form class="row" @submit.prevent="deleteAccount">
      <v-text-field
        v-model="password"
        label="Your password"
        type="password"
        autocomplete="current-password"
        :error-messages="wrong.account?.message"
        style="max-width: 320px"
      />
      <v-btn type="submit" variant="outlined" color="error" :disabled="!password"
        >Delete your account</v-btn
      >
    </form>
  </section>
</template>
