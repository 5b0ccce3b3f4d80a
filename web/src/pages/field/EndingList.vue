<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import type { DayBar } from '../../furrow/dayBars'
import DayBars from '../../furrow/DayBars.vue'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'

/** Each way of ending as a bar on the days it suits, as thick as the cover is tall by then. */
const props = defineProps<{
  endings: Schemas['EndingView'][]
  way?: string
  movable: boolean
  today: string
  /** The day the next crop is planted, and its name. */
  plantOn: string
  crop: string
}>()
const emit = defineEmits<{ pick: [ending: Schemas['EndingView']] }>()
const session = useSession()
const all = ref(false)
const FITS: Record<string, [string, DayBar['tone']]> = {
  FITS: ['', 'good'],
  WITH_CARE: ['with care', 'plain'],
  DOES_NOT: ['does not fit', 'over'],
}
const listed = computed(() =>
  all.value
    ? props.endings
    : props.endings.filter((e) => e.fit !== 'DOES_NOT' || e.way === props.way),
)
const most = computed(() => Math.max(0.1, ...props.endings.map((e) => e.coverMgPerHa)))
const of = (key: string) => props.endings.find((e) => e.way === key)
const bars = computed<DayBar[]>(() =>
  listed.value.map((e) => {
    const [word, tone] = FITS[e.fit] ?? ['', 'plain']
    return {
      key: e.way,
      label: sentence(e.label),
      kind: e.way,
      from: e.from,
      to: e.to,
      tone,
      thick: e.coverMgPerHa / most.value,
      value: word || session.amount(e.coverMgPerHa, 'MG_PER_HA'),
    }
  }),
)
function pick(key: string) {
  const e = of(key)
  if (e) emit('pick', e)
}
</script>

<template>
  <section class="card">
    <h2>How it can end</h2>
    <DayBars
      :bars="bars"
      :chosen="way"
      :today="today"
      :limit="{ day: plantOn, label: `plant ${crop}` }"
      :movable="movable"
      @pick="pick"
    >
      <template #default="{ bar }">
        <template v-if="of(bar)">
          <div>
            <b>{{ session.amount(of(bar)!.coverMgPerHa, 'MG_PER_HA') }}</b> of cover in the middle
            year.
          </div>
          <div v-for="(r, i) in of(bar)!.reasons" :key="i">{{ sentence(session.reason(r)) }}.</div>
          <div v-for="(c, i) in of(bar)!.cautions" :key="i" class="muted">
            ▲ {{ sentence(session.reason(c)) }}.
          </div>
        </template>
      </template>
    </DayBars>
    <v-btn variant="text" size="small" class="no-print" @click="all = !all">
      {{ all ? 'Only those that may fit' : `All ${endings.length} ways, with cautions` }}
    </v-btn>
  </section>
</template>
