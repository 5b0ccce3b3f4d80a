<script setup lang="ts">
import { ref } from 'vue'
import { bringFarm } from '../farm/data'
import { useSession } from '../session'
import { attempt } from './attempt'
import { notice } from './notice'

/** A farm out of its archive: it becomes one more of one's own. */
const session = useSession()
const file = ref<File | null>(null)
const wrong = ref('')
const going = ref<AbortController>()

async function bring() {
  if (!file.value) return
  const stop = new AbortController()
  going.value = stop
  wrong.value = ''
  const zip = file.value
  await attempt(
    async () => {
      const farm = await bringFarm(zip, stop.signal).catch((e: unknown) => {
        if (stop.signal.aborted) return undefined
        throw e
      })
      if (!farm) return
      file.value = null
      session.farms = [...session.farms, farm]
      session.pick(farm.id)
      notice.show(`${farm.name} is here, as it was.`)
    },
    (refusal) => (wrong.value = refusal.message),
  )
  going.value = undefined
}
</script>

<template>
  <form class="bring" @submit.prevent="bring">
    <div class="row">
      <v-file-input
        v-model="file"
        label="Archive of a farm (.zip)"
        accept=".zip,application/zip"
        class="grow"
        :disabled="!!going"
      />
      <v-btn v-if="going" variant="outlined" @click="going.abort()">Stop</v-btn>
      <v-btn v-else variant="outlined" type="submit" :disabled="!file">Bring it in</v-btn>
    </div>
    <v-progress-linear v-if="going" indeterminate class="mt-2" aria-label="The farm is coming in" />
    <p v-if="wrong" class="rust mt-2" role="alert">{{ wrong }} Nothing of it was kept.</p>
  </form>
</template>
