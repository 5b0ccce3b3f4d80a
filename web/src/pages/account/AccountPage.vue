<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { useTheme } from 'vuetify'
import type { Schemas } from '../../api/client'
import { alter, read, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import PapersButton from '../../papers/PapersButton.vue'
import FarmMembers from './FarmMembers.vue'
import GoodbyeForms from './GoodbyeForms.vue'
import OnPhone from './OnPhone.vue'
import PasswordForm from './PasswordForm.vue'
import ProfileForm from './ProfileForm.vue'
import SignedInList from './SignedInList.vue'

const session = useSession()
const router = useRouter()
const theme = useTheme()
const { data: tokens } = useRead('/api/account/tokens')
const made = ref<Schemas['NewToken'] | null>(null)
const tokenName = ref('')
const farmName = ref(session.farm?.name ?? '')

const make = () =>
  attempt(async () => {
    made.value = await alter('POST', '/api/account/tokens', { body: { name: tokenName.value } })
    tokenName.value = ''
  })
const revoke = (id: string) =>
  attempt(async () => {
    await alter('DELETE', '/api/account/tokens/{id}', { path: { id } })
    if (made.value?.id === id) made.value = null
  })
const saveFarm = () =>
  attempt(async () => {
    const body = {
      version: session.farm?.version,
      name: farmName.value,
    }
    await alter('PUT', '/api/farms/{farmId}', { body })
    session.farms = await read('/api/farms')
    notice.show('Farm saved.')
  })
const out = () =>
  attempt(async () => {
    await session.signOut()
    await router.replace('/sign-in')
  })

function setTheme(dark: boolean) {
  theme.change(dark ? 'dark' : 'light')
  localStorage.setItem('theme', dark ? 'dark' : 'light')
}
</script>

<template>
  <div class="page" style="max-width: 820px">
    <header class="row mb-4">
      <div class="grow">
        <h1>{{ session.state?.name }}</h1>
        <p class="muted">
          {{ session.state?.email }} · {{ session.farm?.role }} of {{ session.farm?.name }}
        </p>
      </div>
      <v-btn variant="outlined" @click="out">Sign out</v-btn>
    </header>
    <section class="card mb-4">
      <h2 class="mb-3">How it is shown</h2>
      <div class="row">
        <v-btn-toggle
          :model-value="session.units"
          mandatory
          variant="outlined"
          divided
          density="compact"
          @update:model-value="attempt(() => session.setUnits($event))"
        >
          <v-btn value="us">Acres, pounds, °F</v-btn>
          <v-btn value="metric">Hectares, kilograms, °C</v-btn>
        </v-btn-toggle>
        <v-btn-toggle
          :model-value="theme.global.name.value"
          mandatory
          variant="outlined"
          divided
          density="compact"
          @update:model-value="setTheme($event === 'dark')"
        >
          <v-btn value="light">Light</v-btn>
          <v-btn value="dark">Dark</v-btn>
        </v-btn-toggle>
        <v-select
          v-if="session.farms.length > 1"
          :model-value="session.farm?.id"
          label="Farm"
          style="max-width: 240px"
          :items="session.farms.map((f) => ({ title: f.name, value: f.id }))"
          @update:model-value="session.pick"
        />
      </div>
    </section>
    <section v-if="session.owner" class="card mb-4">
      <h2 class="mb-3">The farm</h2>
      <form class="row" @submit.prevent="saveFarm">
        <v-text-field v-model="farmName" label="Name" style="max-width: 260px" />
        <v-btn type="submit" variant="outlined">Save</v-btn>
        <PapersButton
          v-if="session.farm"
          holder="farm"
          :holder-id="session.farm.id"
          :title="session.farm.name"
        />
      </form>
    </section>
    <FarmMembers />
    <ProfileForm />
    <PasswordForm />
    <SignedInList />
    <OnPhone />
    <section class="card">
      <h2 class="mb-1">Tokens for scripts</h2>
      <p class="muted mb-3">
        A script sends one as <code>Authorization: Bearer …</code> and may then do what you may.
      </p>
      <table v-if="tokens?.length" class="plain">
        <thead>
          <tr>
            <th>name</th>
            <th>made</th>
            <th>last used</th>
            <th></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="t in tokens" :key="t.id">
            <td>{{ t.name }}</td>
            <td>{{ sayDay(t.createdAt.slice(0, 10)) }}</td>
            <td>{{ t.lastUsedAt ? sayDay(t.lastUsedAt.slice(0, 10)) : 'never' }}</td>
            <td class="n"><button class="rust" @click="revoke(t.id)">Revoke</button></td>
          </tr>
        </tbody>
      </table>
      <p v-if="made" class="made">
        The token “{{ made.name }}”, shown this once:
        <code data-test="secret">{{ made.secret }}</code>
      </p>
      <form class="row mt-3" @submit.prevent="make">
        <v-text-field v-model="tokenName" label="Name of the script" style="max-width: 260px" />
        <v-btn type="submit" variant="outlined" :disabled="!tokenName.trim()">Make a token</v-btn>
      </form>
    </section>
    <GoodbyeForms />
  </div>
</template>
