<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Furrow, PlanInput } from '../../api/client'
import { read } from '../../farm/data'
import { useSeason, type PlanChange } from '../../season'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import { attempt } from '../../shell/attempt'

const open = defineModel<boolean>({ required: true })
const props = defineProps<{ furrows: Furrow[] }>()
const emit = defineEmits<{ saved: [] }>()
const session = useSession()
const kinds = useKinds()
const season = useSeason()
const purpose = ref('holdSoil')
const species = ref('')
const busy = ref(false)
const done = ref(0)
let stopped = false

const choices = computed(() => [
  { title: 'as fits the reason', value: '' },
  ...(session.choices?.species ?? []).map((s) => ({ title: s.name, value: s.id })),
])

/** One species in place of the ones proposed, at its typical rate for the way it is seeded. */
function withSpecies(plan: PlanInput): PlanInput {
  const chosen = session.choices?.species.find((s) => s.id === species.value)
  if (!chosen) return plan
  const rate = kinds.rates(chosen.id, plan.method)?.typical ?? chosen.drilledKgPerHa.typical
  return { ...plan, components: [{ species: chosen.id, rateKgPerHa: rate }] }
}

async function make() {
  busy.value = true
  stopped = false
  done.value = 0
  await attempt(async () => {
    const plans: PlanChange[] = []
    for (const f of props.furrows) {
      if (stopped) return
      const start = await read('/api/farms/{farmId}/fields/{fieldId}/start', {
        path: { fieldId: f.fieldId },
        query: { purpose: purpose.value },
      })
      plans.push({
        fieldId: f.fieldId,
        planId: f.plan?.id,
        version: f.plan?.version,
        plan: withSpecies(start),
      })
      done.value += 1
    }
    await season.save(`one cover proposed on ${plans.length} fields`, plans)
    open.value = false
    emit('saved')
  })
  busy.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="460" :persistent="busy">
    <form class="card" @submit.prevent="make">
      <h2>One cover on {{ furrows.length }} {{ furrows.length === 1 ? 'field' : 'fields' }}</h2>
      <p class="muted mb-4">
        Each field gets the first way of seeding that is still open for it, on a day of its own
        window, and an ending that goes with its next crop. All of it is a proposal.
      </p>
      <v-select
        v-model="purpose"
        label="Why"
        class="mb-3"
        :items="(session.choices?.purposes ?? []).map((p) => ({ title: p.label, value: p.key }))"
      />
      <v-autocomplete v-model="species" label="What" :items="choices" />
      <v-progress-linear
        v-if="busy"
        class="mt-4"
        :model-value="(100 * done) / furrows.length"
        color="primary"
      />
      <div class="row mt-4">
        <v-btn color="primary" type="submit" :loading="busy" :disabled="!furrows.length"
          >Propose</v-btn
        >
        <v-btn variant="text" @click="((stopped = true), (open = false))">{{
          busy ? 'Stop' : 'Leave it'
        }}</v-btn>
      </div>
    </form>
  </v-dialog>
</template>
