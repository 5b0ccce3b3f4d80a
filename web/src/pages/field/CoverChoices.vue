<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PlanInput, Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import { reach, sides } from '../../money/beam'
import PartsKey from '../../money/PartsKey.vue'
import StackedBeam from '../../money/StackedBeam.vue'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'

/** Covers for this field and reason, best first; none hidden, each explained. */
const props = defineProps<{ fieldId: string; purpose: string }>()
const emit = defineEmits<{ pick: [plan: PlanInput] }>()
const session = useSession()
const all = ref(false)
const open = ref(false)
// Slow, so asked for when somebody wants to see them.
const {
  data: view,
  trouble,
  busy,
} = useRead('/api/farms/{farmId}/fields/{fieldId}/covers', () =>
  open.value ? { path: { fieldId: props.fieldId }, query: { purpose: props.purpose } } : null,
)

const keyed = (m: Schemas['MoneyView']) =>
  m.parts.map((p) => ({ key: p.part, label: p.label, usd: p.usd }))
const moneys = computed(() => shown.value.flatMap((c) => (c.money ? [c.money] : [])))
const scale = computed(() => reach(moneys.value.flatMap((m) => sides(keyed(m)))))
const shown = computed(() =>
  all.value
    ? (view.value?.covers ?? [])
    : (view.value?.covers ?? []).filter((c) => !c.excluded).slice(0, 6),
)
</script>

<template>
  <section class="card">
    <div class="row">
      <h2 class="grow">What to seed</h2>
      <v-btn size="small" variant="outlined" class="no-print" :loading="busy" @click="open = true">
        {{ open ? 'Look again' : 'Rank the covers' }}
      </v-btn>
    </div>
    <p v-if="!open" class="muted small">
      Every species and mix, run through the years on this field for its first reason.
    </p>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <template v-if="view && open">
      <p class="muted small">
        For “{{ view.label }}”: years in which {{ view.measure }} reaches
        {{ session.amount(view.target, view.unit) }}, less what each costs in all ({{
          session.amount(100, 'USD_PER_HA')
        }}
        weighs like one year in ten). What it feeds counts only where it is there to feed.
        <template v-if="view.shedEmpty">
          The shed is empty, so a drill or broadcasting is assumed: begin with one simple species on
          one or two fields.
        </template>
      </p>
      <ul v-if="view.whatWould.length" class="rust small">
        <li v-for="(r, i) in view.whatWould" :key="i">{{ sentence(session.reason(r)) }}.</li>
      </ul>
      <PartsKey v-if="moneys.length" :of="moneys" />
      <table class="plain">
        <tbody>
          <tr v-for="c in shown" :key="c.name" :class="{ out: c.excluded }">
            <td class="name">
              <button
                v-if="c.plan && session.owner"
                class="link"
                title="Look at this plan; nothing is kept yet"
                @click="emit('pick', c.plan)"
              >
                {{ c.name }}
              </button>
              <span v-else>{{ c.name }}</span>
            </td>
            <td class="n nowrap">
              <b v-if="c.years">{{ c.met }} of {{ c.years }}</b>
            </td>
            <td class="beam">
              <template v-if="c.money">
                <StackedBeam :reach="scale" :parts="keyed(c.money)" :net="c.money.net" />
                <span class="small nowrap">{{ session.amount(c.money.net, 'USD_PER_HA') }}</span>
              </template>
            </td>
            <td class="why">
              <div v-if="c.excluded" class="rust small">
                Not here: {{ session.reason(c.excluded) }}.
              </div>
              <div v-for="(r, i) in c.reasons" :key="i" class="small">
                {{ sentence(session.reason(r)) }}.
              </div>
            </td>
          </tr>
        </tbody>
      </table>
      <v-btn variant="text" size="small" class="no-print" @click="all = !all">
        {{ all ? 'Only the best' : `All ${view.covers.length}, with why not` }}
      </v-btn>
    </template>
  </section>
</template>

<style scoped>
.name {
  width: 170px;
}
.beam {
  width: 150px;
}
.small {
  font-size: 0.84rem;
  line-height: 1.35;
}
.why {
  text-wrap: pretty;
}
.out .name {
  color: var(--muted);
}
@media (max-width: 600px) {
  tr {
    display: grid;
    grid-template-columns: 1fr auto;
    border-bottom: 1px solid var(--rule);
  }
  td {
    border-bottom: 0;
  }
  .name {
    width: auto;
  }
  .beam,
  .why {
    grid-column: 1 / -1;
    width: auto;
  }
}
</style>
