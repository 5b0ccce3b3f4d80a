<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDisplay } from 'vuetify'
import type { Schemas } from '../../api/client'
import { byWhom } from '../../furrow/jobBars'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { jobKind } from '../../words/work'
import WhyHere from './WhyHere.vue'

/** What a laying-out proposes against what is kept: all, some or none. */
const props = defineProps<{
  proposal: Schemas['Proposal']
  runId: string
  reasons: string[]
  pins: Schemas['PinView'][]
  movable: boolean
  goalUsdPerHa: number
  /** What has changed since it was laid out: then it cannot be kept. */
  since: string[]
}>()
defineEmits<{
  keep: [keys: string[] | undefined]
  dismiss: []
  changed: [work: Schemas['WorkView']]
}>()
const opened = ref('')
const { xs } = useDisplay()
const session = useSession()
const changed = computed(() => props.proposal.items.filter((i) => i.change !== 'same'))
const same = computed(() => props.proposal.items.length - changed.value.length)
const picked = ref(changed.value.map((i) => i.key))
const anyKept = computed(() => props.proposal.items.some((i) => i.change !== 'new'))
const gain = computed(() => props.proposal.value - props.proposal.keptValue)
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
          :disabled="!picked.length || !!since.length"
          @click="$emit('keep', picked)"
          >Keep these {{ picked.length }}</v-btn
        >
        <v-btn
          color="primary"
          class="no-print"
          :disabled="!!since.length"
          @click="$emit('keep', undefined)"
          >Keep all</v-btn
        >
      </template>
    </div>
    <p v-if="since.length" class="rust">
      Out of date: {{ since.slice(0, 2).join(' ') }} Lay it out again before keeping it.
    </p>
    <template v-if="reasons.length">
      <p>Laid out again by itself, because things have changed:</p>
      <ul class="small reasons">
        <li v-for="r in reasons.slice(0, 6)" :key="r">{{ r }}</li>
        <li v-if="reasons.length > 6" class="muted">and {{ reasons.length - 6 }} more</li>
      </ul>
    </template>
    <p>
      {{ proposal.items.length }} jobs that add
      <b>{{ session.amount(proposal.value, 'USD') }}</b> to what the crops bring when each is cut as
      late as it can stand:
      <template v-if="anyKept"
        >{{ session.amount(Math.abs(gain), 'USD') }} {{ gain >= 0 ? 'more' : 'less' }} than the plan
        that is kept,
      </template>
      {{ session.amount(proposal.value - proposal.byHand, 'USD') }} more than taking what is due
      first; {{ session.amount(proposal.roadKm, 'KM') }} on the road.
      <span v-if="same" class="muted"
        >{{ same }} {{ same === 1 ? 'stays as it is' : 'stay as they are' }}.</span
      >
    </p>
    <details class="mt-2" :open="changed.length <= 40 && !xs">
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
                <span class="muted small kind">{{ jobKind(i.kind) }}</span>
                <div v-if="i.customer" class="muted small">{{ i.customer }}</div>
              </td>
              <td>{{ sentence(byWhom(i)) }}</td>
              <td class="nowrap">
                {{ sayDay(i.startOn)
                }}<template v-if="i.finishOn !== i.startOn"> to {{ sayDay(i.finishOn) }}</template>
              </td>
              <td class="small muted">
                <template v-if="i.wasOn">was {{ sayDay(i.wasOn) }}, {{ i.wasDoer }}</template>
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
      <div v-for="l in proposal.left" :key="l.fieldId + l.job" class="small my-1">
        <router-link :to="`/fields/${l.fieldId}`">{{ l.field }}</router-link><template
          v-if="l.customer"
        >
          ({{ l.customer }})</template
        >, {{ l.words }}: {{ l.why }}.
        <button
          v-if="movable"
          class="link no-print"
          @click="opened = opened === l.fieldId + l.job ? '' : l.fieldId + l.job"
        >
          where could it go?
        </button>
        <WhyHere
          v-if="opened === l.fieldId + l.job"
          :field-id="l.fieldId"
          :job="l.job"
          :field="l.field"
          :pins="pins"
          :run-id="runId"
          @changed="(w) => $emit('changed', w)"
        />
      </div>
    </details>
    <p v-if="movable" class="small mt-2">
      What is kept becomes the fields’ own plans: the way, its rates, the day.
    </p>
    <p v-for="n in proposal.notes ?? []" :key="n" class="small mt-1">{{ n }}</p>
    <p class="muted small mt-2">
      A goal reached counts as {{ session.amount(goalUsdPerHa, 'USD_PER_HA') }}, reached in part, by
      that part; how much is reached by day comes from the season model, hours from daylight and how
      often the ground carries. Do not ride wet ground to keep a date.
    </p>
  </section>
</template>

<style scoped>
.reasons {
  margin: 2px 0 8px;
  padding-left: 20px;
}
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
