<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Furrow } from '../../api/client'
import { read } from '../../farm/data'
import { useSeason } from '../../season'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sentence } from '../../words/reasons'
import { changed, isChange, wrongWith, type Change } from './several'

/** Several plans changed alike: tried first, on each field by its own windows; kept or dropped after. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ furrows: Furrow[] }>()
const session = useSession()
const season = useSeason()
const change = reactive<Change>({ purpose: '', method: '', ending: '', seedDays: 0, endDays: 0 })
const wrong = computed(() => wrongWith(change))
const busy = ref(false)
const done = ref(0)
/** Fields that cannot be changed so, with why. */
const left = ref<string[]>([])
let stopped = false

const asItIs = { title: 'as it is', value: '' }
const item = (k: { key: string; label: string }) => ({ title: sentence(k.label), value: k.key })
const purposes = computed(() => [asItIs, ...(session.choices?.purposes ?? []).map(item)])
const methods = computed(() => [asItIs, ...(session.choices?.methods ?? []).map(item)])
const endings = computed(() => [asItIs, ...(session.choices?.endings ?? []).map(item)])

async function go() {
  busy.value = true
  stopped = false
  done.value = 0
  left.value = []
  for (const f of props.furrows) {
    if (stopped) break
    await attempt(
      async () => {
        const field = await read('/api/farms/{farmId}/fields/{fieldId}/season', {
          path: { fieldId: f.fieldId },
        })
        const tried = changed(field, change)
        if ('plan' in tried) await season.propose(field.furrow, tried.plan)
        else {
          const why = tried.why ? session.reason(tried.why) : 'nothing is planned on it'
          left.value.push(`${f.name}: ${why}`)
        }
      },
      (refusal) => left.value.push(`${f.name}: ${refusal.message}`),
    )
    done.value += 1
  }
  busy.value = false
  if (stopped || left.value.length < props.furrows.length) open.value = false
  if (left.value.length && !open.value) notice.show(`Left as they are: ${left.value.join('; ')}.`)
}
</script>

<template>
  <v-dialog v-model="open" max-width="480" :persistent="busy">
    <form class="card" @submit.prevent="go">
      <h2>Change {{ furrows.length }} {{ furrows.length === 1 ? 'plan' : 'plans' }}</h2>
      <p class="muted mb-4">
        Each field is tried by its own windows. Nothing is kept before you have seen what it comes
        to.
      </p>
      <v-select v-model="change.purpose" label="Why" class="mb-3" :items="purposes" />
      <v-select v-model="change.method" label="How it is seeded" class="mb-3" :items="methods" />
      <v-text-field
        v-model.number="change.seedDays"
        type="number"
        label="Seed so many days later; earlier with a minus"
        class="mb-3"
      />
      <v-select v-model="change.ending" label="How it ends" class="mb-3" :items="endings" />
      <v-text-field
        v-model.number="change.endDays"
        type="number"
        label="End so many days later; earlier with a minus"
      />
      <p v-if="wrong" class="rust mt-3" role="alert">{{ wrong }}</p>
      <ul v-if="left.length && !busy" class="rust mt-3">
        <li v-for="l in left" :key="l">{{ l }}</li>
      </ul>
      <v-progress-linear
        v-if="busy"
        class="mt-4"
        :model-value="(100 * done) / furrows.length"
        color="primary"
      />
      <div class="row mt-4">
        <v-btn
          color="primary"
          type="submit"
          :loading="busy"
          :disabled="!furrows.length || !isChange(change) || !!wrong"
          >Try it</v-btn
        >
        <v-btn variant="text" @click="((stopped = true), (open = busy))">{{
          busy ? 'Stop' : 'Leave it'
        }}</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
ul {
  padding-left: 18px;
}
</style>
