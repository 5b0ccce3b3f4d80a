<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

const props = defineProps<{ endings: Schemas['EndingView'][]; way?: string; movable: boolean }>()
defineEmits<{ pick: [ending: Schemas['EndingView']] }>()
const session = useSession()
const all = ref(false)
const FITS: Record<string, [string, string]> = {
  FITS: ['fits', 'good'],
  WITH_CARE: ['with care', ''],
  DOES_NOT: ['does not fit', 'bad'],
}
const listed = computed(() =>
  all.value
    ? props.endings
    : props.endings.filter((e) => e.fit !== 'DOES_NOT' || e.way === props.way),
)
</script>

<template>
  <section class="card">
    <h2>How it can end</h2>
    <table class="plain">
      <tbody>
        <tr v-for="e in listed" :key="e.way" :class="{ mine: e.way === way }">
          <td class="way">
            <button v-if="movable" class="link" @click="$emit('pick', e)">
              {{ sentence(e.label) }}
            </button>
            <span v-else>{{ sentence(e.label) }}</span>
            <br /><span class="tag" :class="FITS[e.fit]?.[1]">{{ FITS[e.fit]?.[0] }}</span>
          </td>
          <td>
            <b
              >{{ sayDay(e.from)
              }}<template v-if="e.to !== e.from"> to {{ sayDay(e.to) }}</template></b
            >
            <span class="muted">
              · {{ session.amount(e.coverMgPerHa, 'MG_PER_HA') }} of cover in the middle year</span
            >
            <div v-for="(r, i) in e.reasons" :key="i" class="small">
              {{ sentence(session.reason(r)) }}.
            </div>
            <div v-if="e.way === way || all">
              <div v-for="(c, i) in e.cautions" :key="i" class="muted small">
                ▲ {{ sentence(session.reason(c)) }}.
              </div>
            </div>
          </td>
        </tr>
      </tbody>
    </table>
    <v-btn variant="text" size="small" class="no-print" @click="all = !all">
      {{ all ? 'Only those that may fit' : `All ${endings.length} ways, with cautions` }}
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
