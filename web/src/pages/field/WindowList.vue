<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import type { DayBar } from '../../furrow/dayBars'
import DayBars from '../../furrow/DayBars.vue'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'

/** Each way of seeding as a bar: opens, is at its best, closes, and why where it is pointed at. */
const props = defineProps<{
  windows: Schemas['WindowView'][]
  method?: string
  today: string
  movable: boolean
}>()
const emit = defineEmits<{ pick: [window: Schemas['WindowView']] }>()
const session = useSession()
const all = ref(false)
const useful = computed(() =>
  props.windows.filter((w) => w.possible && w.closes.day >= props.today),
)
/** The chosen way first, then what is open or still to open; the rest on demand. */
const listed = computed(() => {
  const mine = props.windows.filter((w) => w.method === props.method && w.possible)
  const others = (all.value ? props.windows.filter((w) => w.possible) : useful.value).filter(
    (w) => w.method !== props.method,
  )
  return [...mine, ...others]
})
const never = computed(() => props.windows.filter((w) => !w.possible))
const barred = computed(() => never.value.find((w) => w.method === props.method))
const of = (key: string) => props.windows.find((w) => w.method === key)

function standing(w: Schemas['WindowView']): [string, DayBar['tone']] {
  if (props.today > w.closes.day) return ['over', 'over']
  if (props.today < w.opens.day) return ['not yet', 'good']
  return props.today > w.bestUntil.day ? ['open, late', 'good'] : ['open', 'good']
}
const bars = computed<DayBar[]>(() =>
  listed.value.map((w) => ({
    key: w.method,
    label: sentence(w.methodLabel),
    kind: w.method,
    from: w.opens.day,
    to: w.closes.day,
    best: w.bestUntil.day,
    tone: standing(w)[1],
    value: standing(w)[0],
  })),
)
function pick(key: string) {
  const w = of(key)
  if (w) emit('pick', w)
}
</script>

<template>
  <section class="card">
    <h2>When it can be seeded</h2>
    <p v-if="barred" class="rust">
      {{ sentence(barred.methodLabel) }} has no window here:
      {{ session.reason(barred.opens.reason) }}.
    </p>
    <DayBars :bars="bars" :chosen="method" :today="today" :movable="movable" @pick="pick">
      <template #default="{ bar }">
        <template v-if="of(bar)">
          <div><b>Opens:</b> {{ session.reason(of(bar)!.opens.reason) }}.</div>
          <div><b>Closes:</b> {{ session.reason(of(bar)!.closes.reason) }}.</div>
          <div v-for="(c, i) in of(bar)!.cautions" :key="i">
            ▲ {{ sentence(session.reason(c)) }}.
          </div>
        </template>
      </template>
    </DayBars>
    <ul v-if="all && never.length" class="never muted">
      <li v-for="w in never" :key="w.method">
        {{ sentence(w.methodLabel) }}: no window, {{ session.reason(w.opens.reason) }}.
      </li>
    </ul>
    <v-btn variant="text" size="small" class="no-print" @click="all = !all">
      {{ all ? 'Only those still to come' : `All ${windows.length} ways, with why not` }}
    </v-btn>
  </section>
</template>

<style scoped>
.never {
  font-size: 0.86rem;
  padding-left: 18px;
}
</style>
