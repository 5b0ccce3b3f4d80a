<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { JOB_KIND } from '../../words/work'

/** What a laying-out proposes against what is kept: all, some or none. */
const props = defineProps<{
  proposal: Schemas['Proposal']
  movable: boolean
  goalUsdPerHa: number
}>()
defineEmits<{ keep: [keys: string[] | undefined]; dismiss: [] }>()
const session = useSession()
const changed = computed(() => props.proposal.items.filter((i) => i.change !== 'same'))
const same = computed(() => props.proposal.items.length - changed.value.length)
const picked = ref(changed.value.map((i) => i.key))
const gain = computed(() => props.proposal.value - props.proposal.keptValue)
const how = (i: Schemas['ProposedItem']) =>
  i.machine.toLowerCase().includes(i.label.toLowerCase())
    ? i.machine
    : `${sentence(i.label)}, ${i.machine}`
</script>

<template>
  <section class="card mb-4 proposal">
    <div class="row">
      <h2 class="grow">Proposed</h2>
      <v-btn variant="text" class="no-print" @click="$emit('dismiss')">Keep none</v-btn>
      <template v-if="movable">
        <v-btn
          v-if="picked.length < changed.length"
          variant="outlined"
          class="no-print"
          :disabled="!picked.length"
          @click="$emit('keep', picked)"
          >Keep these {{ picked.length }}</v-btn
        >
        <v-btn color="primary" class="no-print" @click="$emit('keep', undefined)">Keep all</v-btn>
      </template>
    </div>
    <p>
      {{ proposal.items.length }} jobs, worth <b>{{ session.amount(proposal.value, 'USD') }}</b>:
      {{ session.amount(Math.abs(gain), 'USD') }} {{ gain >= 0 ? 'more' : 'less' }} than the plan
      that is kept, {{ session.amount(proposal.value - proposal.byHand, 'USD') }} more than taking
      what is due first; {{ session.amount(proposal.roadKm, 'KM') }} on the road.
      <span v-if="same" class="muted">{{ same }} stay as they are.</span>
    </p>
    <details class="mt-2" :open="changed.length <= 40">
      <summary>{{ changed.length }} new or moved</summary>
      <div class="scroll list">
        <table class="plain">
          <tbody>
            <tr v-for="i in changed" :key="i.key">
              <td v-if="movable" class="no-print">
                <input v-model="picked" type="checkbox" :value="i.key" :aria-label="i.field" />
              </td>
              <td>
                <router-link :to="`/fields/${i.fieldId}`">{{ i.field }}</router-link>
                <span class="muted small kind">{{ JOB_KIND[i.kind] }}</span>
              </td>
              <td>{{ how(i) }}</td>
              <td class="nowrap">
                {{ sayDay(i.startOn)
                }}<template v-if="i.finishOn !== i.startOn"> to {{ sayDay(i.finishOn) }}</template>
              </td>
              <td class="small muted">
                <template v-if="i.wasOn">was {{ sayDay(i.wasOn) }}, {{ i.wasMachine }}</template>
                <template v-else>new</template>
              </td>
              <td class="n">{{ session.amount(i.value, 'USD') }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </details>
    <details v-if="proposal.left.length" class="mt-2" open>
      <summary class="rust">{{ proposal.left.length }} left out</summary>
      <p v-for="l in proposal.left" :key="l.fieldId + l.kind" class="small">
        <router-link :to="`/fields/${l.fieldId}`">{{ l.field }}</router-link>,
        {{ JOB_KIND[l.kind] }}: {{ l.why }}.
      </p>
    </details>
    <p class="muted small mt-2">
      A goal reached counts as {{ session.amount(goalUsdPerHa, 'USD_PER_HA') }}, half of it half;
      how much is reached by day comes from the season model, hours from daylight and how often the
      ground carries. Do not ride wet ground to keep a date.
    </p>
  </section>
</template>

<style scoped>
.kind {
  margin-left: 6px;
}
.proposal {
  border-left: 4px solid var(--sky);
}
.list {
  max-height: 340px;
  overflow-y: auto;
}
summary {
  cursor: pointer;
}
</style>
