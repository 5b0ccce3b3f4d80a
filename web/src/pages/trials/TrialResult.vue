<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import StripDots from './StripDots.vue'
import { paid, stillOpen, type TrialView } from './strips'

/** What strips say of one figure: the sentence, the dots, what it pays, and other years. */
const props = defineProps<{ trial: TrialView; result: TrialView['results'][number] }>()
const session = useSession()
const first = computed(() => props.trial.treatments[0]!.name)
const money = (usdPerHa: number) => session.amount(usdPerHa, 'USD_PER_HA')
const pays = computed(() => paid(props.result, first.value, money))
const open = computed(() => stillOpen(props.trial, props.result.key))
const say = (value: number) => session.amount(value, props.result.unit)
const share = (value: number) => session.amount(value, 'SHARE')
const together = computed(() => props.result.together)
</script>

<template>
  <section class="mt-4">
    <h3>{{ result.label }}</h3>
    <p class="my-1">
      <b>{{ sentence(session.reason(result.said)) }}.</b>
    </p>
    <p v-if="open && result.treatments.length" class="muted small">
      {{ open }} strips are still to be measured.
    </p>
    <StripDots v-if="result.treatments.length" :trial="trial" :result="result" />
    <ul v-if="pays.length" class="pays">
      <li v-for="p in pays" :key="p.name" :class="{ gain: p.gain, rust: !p.gain && p.sure }">
        <b>{{ p.name }}</b>: {{ p.text }}
      </li>
    </ul>
    <details v-if="result.differences.length" class="small">
      <summary class="muted">
        All pairs<template v-if="result.lsd !== undefined"
          >; a difference under {{ say(result.lsd) }} may be chance</template
        ><template v-if="result.cv !== undefined">; strips vary by {{ share(result.cv) }}</template>
      </summary>
      <table class="plain">
        <tbody>
          <tr v-for="d in result.differences" :key="d.a + d.b">
            <td>{{ d.a }} less {{ d.b }}</td>
            <td class="n">{{ say(d.difference) }}</td>
            <td class="n muted">{{ say(d.low) }} to {{ say(d.high) }}</td>
          </tr>
        </tbody>
      </table>
    </details>
    <div v-if="together" class="small mt-2">
      <p>
        <b>{{ together.years.length }} years together:</b> {{ first }} less
        {{ trial.treatments[1]!.name }} {{ say(together.all.difference) }},
        {{ say(together.all.low) }} to {{ say(together.all.high) }} nine times in ten<template
          v-if="together.all.heterogeneity.p < 0.1"
          >; the years differ by more than chance</template
        >.
      </p>
      <p v-for="y in together.years" :key="y.season + y.field" class="muted">
        {{ y.season }}, {{ y.field }}: {{ say(y.difference) }}, {{ say(y.low) }} to
        {{ say(y.high) }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.pays {
  list-style: none;
  padding: 0;
  margin: 6px 0;
}
.gain {
  color: var(--leaf);
}
</style>
