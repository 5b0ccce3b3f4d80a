<script setup lang="ts">
import { ref } from 'vue'
import { alter } from '../farm/data'
import { useSession } from '../session'
import { attempt } from './attempt'
import BringFarm from './BringFarm.vue'

const session = useSession()
const name = ref('')

async function found() {
  await attempt(async () => {
    const farm = await alter('POST', '/api/farms', { body: { name: name.value } })
    session.farms = [...session.farms, farm]
    session.pick(farm.id)
  })
}
</script>

<template>
  <div class="page" style="max-width: 560px">
    <form class="card" @submit.prevent="found">
      <h1 class="mb-2">Name the farm</h1>
      <p class="muted mb-4">
        Next come a weather station and one or two fields. Start small: one simple species, a field
        or two, and machines that are already in the shed.
      </p>
      <v-text-field v-model="name" label="Name of the farm" autofocus />
      <v-btn class="mt-4" color="primary" type="submit" :disabled="!name.trim()">Start</v-btn>
    </form>
    <section class="card mt-4">
      <h2 class="mb-2">Or bring one in</h2>
      <p class="muted mb-3">A farm that was taken away as an archive comes back as it was.</p>
      <BringFarm />
    </section>
  </div>
</template>
