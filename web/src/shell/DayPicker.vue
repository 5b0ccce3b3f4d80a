<script setup lang="ts">
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useSession } from '../session'
import { attempt } from './attempt'

/** The day the demo farm lives on. */
const open = defineModel<boolean>({ required: true })
const session = useSession()
const router = useRouter()
const day = ref('')
watch(open, () => (day.value = session.farm?.today ?? ''))
const set = () =>
  attempt(async () => {
    await session.setDay(day.value)
    open.value = false
    router.go(0)
  })
</script>

<template>
  <v-dialog v-model="open" max-width="360">
    <form class="card" @submit.prevent="set">
      <h2>Set the day</h2>
      <p class="muted mb-3">
        The demo farm lives on the day you choose; it knows no weather after it. Try 22 May 2027,
        with rye in head and everything due at once.
      </p>
      <v-text-field v-model="day" type="date" label="Today is" min="2026-01-01" max="2027-08-31" />
      <div class="row mt-3">
        <v-btn color="primary" type="submit">Set the day</v-btn>
        <v-btn variant="text" @click="open = false">Leave it</v-btn>
      </div>
    </form>
  </v-dialog>
</template>
