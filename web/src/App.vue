<script setup lang="ts">
import { usePreferredDark } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useTheme } from 'vuetify'
import { Refusal } from './api/client'
import { useSession } from './session'
import AppFrame from './shell/AppFrame.vue'

const session = useSession()
const route = useRoute()
const router = useRouter()
const theme = useTheme()
const ready = ref(false)
const trouble = ref('')
const invited = computed(() => /^\/(invite|new-password)\//.test(route.path))
const open = computed(() => ['/sign-in', '/first-run'].includes(route.path) || invited.value)

/** As the device goes dark in the cab at night, unless the person chose. */
const deviceDark = usePreferredDark()
watch(
  deviceDark,
  (now) => theme.change(localStorage.getItem('theme') ?? (now ? 'dark' : 'light')),
  { immediate: true },
)

onMounted(async () => {
  try {
    await router.isReady()
    await session.load()
    direct()
  } catch (e) {
    trouble.value = e instanceof Refusal ? e.message : String(e)
  }
  ready.value = true
})

/** Sends people to the page they need first. */
function direct() {
  const state = session.state
  if (!state || invited.value) return
  if (state.signedIn && open.value) void router.replace('/today')
  else if (state.firstRun && !state.demo && route.path !== '/first-run')
    void router.replace('/first-run')
  else if (!state.signedIn && !open.value) void router.replace('/sign-in')
}

watch(() => [session.state, route.path], direct)
</script>

<template>
  <v-app>
    <v-main v-if="trouble" class="d-flex align-center justify-center">
      <div class="card">
        <h1>Not yet</h1>
        <p>{{ trouble }}</p>
      </div>
    </v-main>
    <template v-else-if="ready">
      <v-main v-if="open"><router-view /></v-main>
      <AppFrame v-else-if="session.state?.signedIn" />
    </template>
  </v-app>
</template>
