<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

const props = defineProps<{
  windows: Schemas['WindowView'][]
  method?: string
  today: string
  movable: boolean
}>()
defineEmits<{ pick: [window: Schemas['WindowView']] }>()
const session = useSession()
const all = ref(false)
const useful = computed(() =>
  props.windows.filter((w) => w.possible && w.closes.day >= props.today),
)
/** The chosen way first, then what is open or still to open; the rest on demand. */
const listed = computed(() => {
  const mine = props.windows.filter((w) => w.method === props.method)
  const others = (all.value ? props.windows : useful.value).filter((w) => w.method !== props.method)
  return [...mine, ...others]
})

function standing(w: Schemas['WindowView']): [string, string] {
  if (!w.possible) return ['no window', 'bad']
  if (props.today > w.closes.day) return ['over', 'bad']
  if (props.today < w.opens.day) return ['not yet', '']
  return props.today > w.bestUntil.day ? ['open, late', ''] : ['open', 'good']
}
</script>

<template>
  <section class="card">
    <h2>When it can be seeded</h2>
    <table class="plain">
      <tbody>
        <tr v-for="w in listed" :key="w.method" :class="{ mine: w.method === method }">
          <td class="way">
            <button v-if="movable && w.possible" class="link" @click="$emit('pick', w)">
              {{ sentence(w.methodLabel) }}
            </button>
            <span v-else>{{ sentence(w.methodLabel) }}</span>
            <br /><span class="tag" :class="standing(w)[1]">{{ standing(w)[0] }}</span>
          </td>
          <td>
            <template v-if="w.possible">
              <b>{{ sayDay(w.opens.day) }} to {{ sayDay(w.closes.day) }}</b
              ><template v-if="w.bestUntil.day >= w.opens.day && w.bestUntil.day < w.closes.day"
                >, best until {{ sayDay(w.bestUntil.day) }}</template
              >
            </template>
            <div class="muted small">Opens: {{ session.reason(w.opens.reason) }}.</div>
            <div class="muted small">Closes: {{ session.reason(w.closes.reason) }}.</div>
            <div v-if="w.method === method" class="small">
              <div v-for="(c, i) in w.cautions" :key="i">▲ {{ sentence(session.reason(c)) }}.</div>
            </div>
          </td>
        </tr>
      </tbody>
    </table>
    <v-btn variant="text" size="small" class="no-print" @click="all = !all">
      {{ all ? 'Only those still to come' : `All ${windows.length} ways, with why not` }}
    </v-btn>
  </section>
</template>

<style scoped>
.way {
  width: 190px;
}
.small {
  font-size: 0.84rem;
  line-height: 1.35;
}
@media (max-width: 600px) {
  .way {
    width: 118px;
  }
}
</style>
