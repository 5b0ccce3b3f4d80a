<script setup lang="ts">
import { computed } from 'vue'
import { useRead } from '../../farm/data'
import { sayDay } from '../../words/days'

/** How a phone reaches this farm, and how it learns to trust its certificate. */
const { data: trust } = useRead('/api/trust')
const here = window.location.origin
const safe = window.isSecureContext
const until = computed(() => {
  const day = trust.value?.until
  return day ? `${sayDay(day)} ${day.slice(0, 4)}` : ''
})
</script>

<template>
  <section class="card mb-4">
    <h2 class="mb-2">On a phone</h2>
    <p v-if="!safe" class="rust mb-2">
      This address is not a safe one for a browser: nothing is kept here without a signal, and no
      place is known. Open the farm by its https address.
    </p>
    <template v-if="trust?.lan">
      <ol>
        <li>
          Open <b>{{ here }}</b> on the phone, in the same network, and go on past the warning.
        </li>
        <li>
          Take its certificate:
          <a href="/api/trust/certificate" download>nimble-furrow.crt</a>
        </li>
        <li>
          Android: Settings, Security, Encryption and credentials, Install a certificate, CA
          certificate. iPhone: Settings, Profile downloaded, Install; then General, About,
          Certificate trust settings, switch it on.
        </li>
        <li>Open the farm again, sign in, and put it on the home screen.</li>
      </ol>
      <p class="muted small mt-2">
        Trust it only where its SHA-256 fingerprint is <code>{{ trust.fingerprint }}</code>; the
        same is said where the server was started. It is good until {{ until }}, made on that
        machine and known nowhere else.
      </p>
    </template>
    <p v-else-if="trust" class="muted">
      The server is reached by this machine alone. Started with <code>./run --lan</code> it is
      reached by phones in the same network, over TLS.
    </p>
  </section>
</template>

<style scoped>
ol {
  padding-left: 20px;
}
li {
  margin-bottom: 6px;
}
code {
  overflow-wrap: anywhere;
}
</style>
