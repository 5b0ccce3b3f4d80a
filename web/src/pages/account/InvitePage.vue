<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Refusal } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import NewAccountFields from '../../parts/NewAccountFields.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'

/** A link onto a farm: with an account one has, or with a new one of one's own. */
const session = useSession()
const route = useRoute()
const router = useRouter()
const secret = String(route.params.secret)
const { data: link, trouble } = useRead('/api/invitations/{secret}', { path: { secret } })
const form = ref({ email: '', name: '', password: '' })
const wrong = ref<Refusal | null>(null)
const may: Record<string, string> = {
  owner: 'plan and change it',
  operator: 'log work and counts',
  viewer: 'look at it',
}

async function guard(work: () => Promise<unknown>) {
  wrong.value = null
  await attempt(
    async () => {
      await work()
      await session.load()
      await router.replace('/today')
    },
    (refusal) => (wrong.value = refusal),
  )
}
const accept = () =>
  guard(async () => {
    const path = { secret }
    const { farmId } = await alter('POST', '/api/invitations/{secret}/accept', { path })
    session.pick(farmId)
  })
const open = () =>
  guard(() =>
    alter('POST', '/api/invitations/{secret}/account', { path: { secret }, body: form.value }),
  )
</script>

<template>
  <div class="page" style="max-width: 520px">
    <div class="card mt-8">
      <template v-if="trouble">
        <h1 class="mb-1">This link opens nothing</h1>
        <p class="mb-4">{{ trouble }} Ask whoever sent it for a new one.</p>
        <v-btn variant="outlined" to="/season">To the program</v-btn>
      </template>
      <template v-else-if="link">
        <h1 class="mb-1">{{ link.farm }} lets you in</h1>
        <p class="muted mb-4">You may {{ may[link.role] ?? link.role }}. The link works once.</p>
        <template v-if="session.state?.signedIn">
          <p class="mb-4">You are signed in as {{ session.state.name }}.</p>
          <p v-if="wrong" class="rust mb-2">{{ wrong.message }}</p>
          <v-btn color="primary" @click="accept">Come in</v-btn>
        </template>
        <form v-else @submit.prevent="open">
          <p class="mb-3">
            Have an account here? Sign in first, then open the link again. If not, make one:
          </p>
          <NewAccountFields v-model="form" :wrong="wrong" />
          <div class="row mt-4">
            <v-btn color="primary" type="submit">Make the account</v-btn>
            <v-btn variant="text" to="/sign-in">Sign in</v-btn>
          </div>
        </form>
      </template>
    </div>
  </div>
</template>
