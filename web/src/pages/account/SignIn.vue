<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { alter } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'

const session = useSession()
const router = useRouter()
const email = ref('')
const password = ref('')
const wrong = ref('')
const busy = ref(false)

async function enter(demo: boolean) {
  busy.value = true
  wrong.value = ''
  await attempt(
    async () => {
      const state = demo
        ? await alter('POST', '/api/session/demo')
        : await alter('POST', '/api/session', {
            body: { email: email.value, password: password.value },
          })
      await session.enter(state)
      await router.replace('/today')
    },
    (refusal) => (wrong.value = refusal.message),
  )
  busy.value = false
}
</script>

<template>
  <div class="stage">
    <div class="words">
      <h1>Nimble Furrow</h1>
      <p>When to seed a cover crop round the cash crop, how it will end, and the odds of both.</p>
    </div>
    <div class="card door">
      <template v-if="session.state?.demo">
        <v-btn color="primary" size="large" block :loading="busy" @click="enter(true)">
          Enter the demo farm
        </v-btn>
        <p class="muted mt-2 mb-5">Sandpiper Bend, made up, on a Saturday in September.</p>
      </template>
      <form @submit.prevent="enter(false)">
        <v-text-field
          v-model="email"
          label="E-mail"
          type="email"
          autocomplete="username"
          class="mb-3"
        />
        <v-text-field
          v-model="password"
          label="Password"
          type="password"
          autocomplete="current-password"
          :error-messages="wrong"
        />
        <v-btn class="mt-4" :loading="busy" variant="outlined" type="submit" block>Sign in</v-btn>
      </form>
    </div>
    <svg class="field" viewBox="0 0 1200 200" preserveAspectRatio="none" aria-hidden="true">
      <path
        d="M0,120C200,110 260,40 420,46S640,118 760,108 940,20 1060,30 1150,90 1200,96V200H0Z"
        fill="var(--leaf-fan)"
      />
      <path
        d="M0,130C220,126 280,76 430,80S660,126 780,120 960,56 1070,62 1150,104 1200,110V200H0Z"
        fill="var(--leaf)"
      />
      <rect y="150" width="1200" height="50" fill="var(--soil-band)" />
      <path d="M0,150H1200" stroke="var(--line)" stroke-width="2" />
    </svg>
  </div>
</template>

<style scoped>
.stage {
  min-height: 100dvh;
  display: flex;
  gap: 60px;
  align-items: center;
  justify-content: center;
  padding: 24px 20px 220px;
  flex-wrap: wrap;
  position: relative;
  overflow: hidden;
}
.words {
  max-width: 380px;
}
.words h1 {
  font-size: 2.6rem;
  letter-spacing: -0.03em;
}
.words p {
  font-size: 1.15rem;
  margin-top: 10px;
}
.door {
  width: min(380px, 100%);
  z-index: 1;
}
.field {
  position: absolute;
  bottom: 0;
  left: 0;
  width: 100%;
  height: 200px;
}
@media (max-width: 700px) {
  .stage {
    gap: 24px;
    align-content: flex-start;
    padding-top: 48px;
  }
  .words h1 {
    font-size: 2rem;
  }
}
</style>
