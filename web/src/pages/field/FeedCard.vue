<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PlanInput } from '../../api/client'
import { consider } from '../../farm/data'
import { useAnswer } from '../../answer'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'

/** Feed on hand from October on, and how long a herd would live on it. */
const props = defineProps<{ fieldId: string; plan: PlanInput }>()
const session = useSession()
const head = ref<number | undefined>(session.usual('cattleHead'))
const rationKg = ref<number | undefined>(session.usual('cattleRation'))
const { answer: feed, trouble } = useAnswer(
  () => JSON.stringify([props.fieldId, head.value, rationKg.value, { ...props.plan, status: '' }]),
  () =>
    consider('/api/farms/{farmId}/fields/{fieldId}/feed', {
      path: { fieldId: props.fieldId },
      body: { plan: props.plan, head: head.value ?? 0, rationKg: rationKg.value ?? 0 },
    }),
)
/** Once frost or the ending took it there is nothing to say of the days after. */
const days = computed(() => {
  const all = feed.value?.days ?? []
  const last = all.map((d) => d.days.high >= 1).lastIndexOf(true)
  return all.slice(0, last + 1)
})
const whole = (days: number) => Math.floor(days)
</script>

<template>
  <section class="card">
    <h2>Feed on hand</h2>
    <div class="row wrap mt-3 mb-2 no-print">
      <FigureField v-model="head" label="Head" unit="COUNT" :digits="0" class="short" />
      <FigureField
        v-model="rationKg"
        label="Each eats a day, dry"
        unit="KG"
        :digits="0"
        class="short"
      />
    </div>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <template v-if="feed">
      <p v-if="!days.length">It holds no feed above the stubble from October on.</p>
      <table v-else class="plain">
        <thead>
          <tr>
            <th>grazed from</th>
            <th class="n">feed to take</th>
            <th class="n">feeds {{ head }} head for</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="d in days" :key="d.day">
            <td>{{ sayDay(d.day) }}</td>
            <td class="n">{{ session.amount(d.mgPerHa.middle, 'MG_PER_HA') }}</td>
            <td class="n">
              <b>{{ whole(d.days.middle) }} days</b>
              <span class="muted small">
                ({{ whole(d.days.low) }} to {{ whole(d.days.high) }})</span
              >
            </td>
          </tr>
        </tbody>
      </table>
      <p class="muted small">
        {{ session.amount(feed.leftMgPerHa, 'MG_PER_HA') }} is left so that it grows again, and
        {{ session.amount(feed.troddenShare, 'SHARE') }} is trodden down; what grows meanwhile comes
        on top. Before cattle go on: treated seed, the grazing interval on the label of everything
        sprayed since seeding, nitrate after frost or drought, bloat on legumes and brassicas.
      </p>
    </template>
  </section>
</template>
