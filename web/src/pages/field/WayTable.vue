<script setup lang="ts">
import type { PlanInput, Schemas } from '../../api/client'
import { consider } from '../../farm/data'
import { useAnswer } from '../../answer'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

/** Ways of seeding side by side: stand, worth, cost, machine and hours. */
const props = defineProps<{ fieldId: string; plan: PlanInput }>()
const emit = defineEmits<{ pick: [plan: PlanInput] }>()
const session = useSession()
const { answer: ways, trouble } = useAnswer(
  () => JSON.stringify([props.fieldId, { ...props.plan, status: '' }]),
  () =>
    consider('/api/farms/{farmId}/fields/{fieldId}/ways', {
      path: { fieldId: props.fieldId },
      body: props.plan,
    }),
)
function pick(w: Schemas['WayView']) {
  emit('pick', { ...props.plan, method: w.method, seedOn: w.seedOn, components: w.components })
}
</script>

<template>
  <section v-if="trouble || ways?.length" class="card">
    <h2>Ways side by side</h2>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <div v-if="ways" class="scroll">
      <table class="plain">
        <thead>
          <tr>
            <th>way</th>
            <th>on</th>
            <th class="n">good stand</th>
            <th class="n">does its job</th>
            <th class="n">cover at the end</th>
            <th class="n">seed</th>
            <th>machine</th>
            <th class="n">all in</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="w in ways" :key="w.method" :class="{ mine: w.method === plan.method }">
            <td>
              <button v-if="session.owner" class="link" @click="pick(w)">
                {{ sentence(w.label) }}
              </button>
              <span v-else>{{ sentence(w.label) }}</span>
            </td>
            <td class="nowrap">{{ sayDay(w.seedOn) }}</td>
            <td class="n nowrap">{{ w.goodStand }} of {{ w.years }}</td>
            <td class="n nowrap">
              <b>{{ w.met }} of {{ w.years }}</b>
            </td>
            <td class="n nowrap">
              {{ session.amount(w.coverMiddle, 'MG_PER_HA') }}
              <div class="muted small">
                {{ session.amount(w.coverLow, 'MG_PER_HA') }} to
                {{ session.amount(w.coverHigh, 'MG_PER_HA') }}
              </div>
            </td>
            <td class="n">{{ session.amount(w.seedUsdPerHa, 'USD_PER_HA') }}</td>
            <td>
              <router-link v-if="w.machineId" :to="`/shed/${w.machineId}`">{{
                w.machine
              }}</router-link>
              <span v-else class="muted">none in the shed</span>
              <div v-if="w.hours !== undefined" class="muted small">
                {{ session.amount(w.hours, 'HOURS') }}
              </div>
            </td>
            <td class="n">
              <template v-if="w.placementUsdPerHa !== undefined">{{
                session.amount(w.seedUsdPerHa + w.placementUsdPerHa, 'USD_PER_HA')
              }}</template>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>
