<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { newId } from '../../words/ids'
import { sentence } from '../../words/reasons'
import type { Line } from '../../money/beam'

/** A line of an account that nothing else tells: what it saves, costs or brings besides. */
const props = defineProps<{ planId: string; line: Line | null }>()
const emit = defineEmits<{ done: [] }>()
const session = useSession()
const id = props.line?.id ?? newId()
const part = ref<Schemas['LineInput']['part']>(props.line?.part ?? 'passes')
const words = ref(props.line ? session.reason(props.line.words) : '')
const amounts = [props.line?.planned, props.line?.came]
const costs = ref(amounts.some((a) => a !== undefined && a < 0))
const size = (usd: number | undefined) => (usd === undefined ? undefined : Math.abs(usd))
const planned = ref(size(props.line?.planned))
const came = ref(size(props.line?.came))
const refused = ref<Refusal | null>(null)
const parts = computed(() =>
  (session.choices?.moneyParts ?? []).map((p) => ({ title: sentence(p.label), value: p.key })),
)
const ways = [
  { title: 'saves or brings', value: false },
  { title: 'costs', value: true },
]
const signed = (usd: number | undefined) =>
  usd === undefined ? undefined : costs.value ? -usd : usd

const keep = () =>
  attempt(
    async () => {
      await alter('PUT', '/api/farms/{farmId}/covers/{planId}/account-lines/{lineId}', {
        path: { planId: props.planId, lineId: id },
        body: {
          version: props.line?.version,
          part: part.value,
          words: words.value,
          plannedUsdPerHa: signed(planned.value),
          cameUsdPerHa: signed(came.value),
        },
      })
      emit('done')
    },
    (refusal) => (refused.value = refusal),
  )
</script>

<template>
  <form class="two mt-3 no-print" @submit.prevent="keep">
    <v-text-field
      v-model="words"
      label="What"
      placeholder="one spray pass saved"
      :error-messages="refused?.at('words') ?? ''"
    />
    <v-select v-model="part" label="Part" :items="parts" />
    <v-select v-model="costs" label="It" :items="ways" />
    <FigureField
      v-model="planned"
      label="As planned"
      unit="USD_PER_HA"
      :error="refused?.at('plannedUsdPerHa') ?? ''"
    />
    <FigureField
      v-model="came"
      label="It came to"
      unit="USD_PER_HA"
      :error="refused?.at('cameUsdPerHa') ?? ''"
    />
    <div class="row">
      <v-btn color="primary" type="submit">Keep</v-btn>
      <v-btn variant="text" @click="emit('done')">Leave it</v-btn>
    </div>
  </form>
</template>
