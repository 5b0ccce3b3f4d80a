<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PlanInput, Schemas } from '../../api/client'
import { consider } from '../../farm/data'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { attempt } from '../../shell/attempt'

/** Odds for every purpose, each with the years behind it on demand. */
const props = defineProps<{
  fieldId: string
  plan: PlanInput | null
  goals: Schemas['Goal'][]
  soil: Schemas['SoilView']
}>()
const session = useSession()
const why = ref<Schemas['WhyView'] | null>(null)
const open = ref(false)
const trouble = ref('')

async function ask_(purpose: string) {
  const body = props.plan
  if (!body) return
  open.value = true
  why.value = null
  trouble.value = ''
  await attempt(
    async () => {
      why.value = await consider('/api/farms/{farmId}/fields/{fieldId}/why', {
        path: { fieldId: props.fieldId },
        query: { purpose },
        body,
      })
    },
    (refusal) => (trouble.value = refusal.message),
  )
}

const worstFirst = computed(() =>
  [...(why.value?.years ?? [])].sort((a, b) => a.measure - b.measure),
)
const largest = computed(() =>
  Math.max(why.value?.target ?? 1, ...(why.value?.years.map((y) => y.measure) ?? [1])),
)
</script>

<template>
  <section class="card">
    <h2>Odds</h2>
    <table class="plain">
      <tbody>
        <tr v-for="g in goals" :key="g.purpose" :class="{ first: plan?.purposes[0] === g.purpose }">
          <td>{{ sentence(g.label) }}</td>
          <td class="n nowrap">
            <b>{{ g.met }} of {{ g.years }}</b> years
          </td>
          <td class="muted">
            {{ g.measure }}: {{ session.amount(g.low, g.unit) }} to
            {{ session.amount(g.high, g.unit) }}, middle {{ session.amount(g.middle, g.unit) }};
            <template v-for="(l, i) in g.levels" :key="l.from">
              {{ i ? ' · ' : '' }}{{ l.words }} from {{ session.amount(l.from, g.unit) }}
              <template v-if="g.levels.length > 1">({{ l.met }} of {{ g.years }})</template>
            </template>
            <div v-if="g.purpose === 'holdSoil'">
              {{ sentence(soil.label) }}: {{ session.reason(soil.why) }}
            </div>
          </td>
          <td class="no-print">
            <button
              v-if="plan"
              class="link"
              :aria-label="`Why ${g.met} of ${g.years} for ${g.label}?`"
              @click="ask_(g.purpose)"
            >
              why?
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="muted small mt-2">
      From {{ goals[0]?.years }} past years run through the season model, joined to what this season
      brought so far. Ranges leave out one year in ten on either side, and count how far the model
      itself may be off until something is counted or clipped here.
    </p>
    <v-dialog v-model="open" max-width="860" scrollable>
      <div class="card sheet">
        <div class="row">
          <h2 class="grow">
            <template v-if="why">
              {{ sentence(why.label) }}: enough in {{ why.met }} of {{ why.years.length }} years
            </template>
            <template v-else>Running the years…</template>
          </h2>
          <v-btn variant="text" size="small" @click="open = false">Close</v-btn>
        </div>
        <p v-if="trouble" class="rust">{{ trouble }}</p>
        <template v-if="why">
          <p class="muted small">
            {{ sentence(why.measure) }}, {{ session.amount(why.target, why.unit) }} or more. Each
            row is this season with the days to come as that year brought them, poorest first; the
            odds also count how far the model may be off around each.
          </p>
          <div class="scroll">
            <table class="plain">
              <thead>
                <tr>
                  <th>as in</th>
                  <th>{{ why.measure }}</th>
                  <th>crop off</th>
                  <th>seeded</th>
                  <th>up</th>
                  <th class="n">of live seed</th>
                  <th class="n">wintered</th>
                  <th class="n">cover at the end</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="y in worstFirst" :key="y.pastYear">
                  <td>{{ y.pastYear }}</td>
                  <td class="nowrap">
                    <span class="bar" :class="{ met: y.met }" aria-hidden="true">
                      <span :style="{ width: (100 * Math.max(0, y.measure)) / largest + '%' }" />
                    </span>
                    <b>{{ session.amount(y.measure, why.unit) }}</b>
                    <span v-if="!y.met" class="rust small"> short</span>
                  </td>
                  <td>{{ y.harvestedOn ? sayDay(y.harvestedOn) : '–' }}</td>
                  <td>{{ sayDay(y.seededOn) }}</td>
                  <td>{{ y.emergedOn ? sayDay(y.emergedOn) : 'never' }}</td>
                  <td class="n">{{ session.amount(y.emergedShare, 'SHARE') }}</td>
                  <td class="n">{{ session.amount(y.winterSurvival, 'SHARE') }}</td>
                  <td class="n">{{ session.amount(y.coverMgPerHa, 'MG_PER_HA') }}</td>
                </tr>
              </tbody>
            </table>
          </div>
        </template>
      </div>
    </v-dialog>
  </section>
</template>

<style scoped>
tr.first td {
  font-weight: 600;
}
.sheet {
  max-height: 86vh;
  display: flex;
  flex-direction: column;
}
.scroll {
  overflow: auto;
}
.bar {
  display: inline-block;
  width: 72px;
  height: 9px;
  margin-right: 8px;
  border: 1px solid var(--rule);
}
.bar span {
  display: block;
  height: 100%;
  background: var(--rust);
}
.bar.met span {
  background: var(--leaf);
}
</style>
