<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import { seasonLooked } from '../../farm/now'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayFullDay } from '../../words/days'
import { crops } from '../field/names'

/** One field in one season: its crop, its covers, whether it is left out, and what troubles it. */
const props = defineProps<{ row: Schemas['YearRow']; season: number }>()
const emit = defineEmits<{ season: [year: number]; close: [] }>()
const session = useSession()
const router = useRouter()
const choices = Object.entries(crops).map(([value, title]) => ({ value, title }))
const cell = computed(() => props.row.years.find((y) => y.season === props.season))
const covers = computed(() =>
  props.row.links.filter((l) => l.kind === 'cover' && l.season === props.season),
)
const kind = ref('none')
const reason = ref('')
watch(
  cell,
  (now) => {
    kind.value = now?.crop?.kind ?? 'none'
    reason.value = now?.leftOut ?? ''
  },
  { immediate: true },
)
const years = computed(() => props.row.years.map((y) => y.season))
const path = computed(() => ({ fieldId: props.row.fieldId, year: props.season }))

const save = () =>
  attempt(async () => {
    const was = cell.value?.crop
    if (kind.value !== (was?.kind ?? 'none')) {
      const body = { kind: kind.value }
      await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}/crops/{year}', {
        path: path.value,
        body,
      })
    }
    if (reason.value.trim() !== (cell.value?.leftOut ?? '')) {
      await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}/left-out/{year}', {
        path: path.value,
        body: { reason: reason.value.trim() || undefined },
      })
    }
    notice.show(`${props.row.name}, ${props.season}: saved.`)
    emit('close')
  })
function look(link?: string) {
  seasonLooked.value = props.season
  void router.push({ path: `/fields/${props.row.fieldId}`, query: link ? { link } : {} })
}
</script>

<template>
  <v-dialog :model-value="true" max-width="520" @update:model-value="emit('close')">
    <v-card class="pa-5">
      <header class="row mb-3">
        <h2 class="grow">{{ row.name }}</h2>
        <v-select
          :model-value="season"
          label="Season"
          :items="years"
          style="max-width: 120px"
          @update:model-value="emit('season', $event)"
        />
      </header>
      <v-select
        v-model="kind"
        :label="`Crop taken off in ${season}`"
        :items="choices"
        :disabled="!session.owner"
      />
      <ul v-if="covers.length" class="covers">
        <li v-for="c in covers" :key="c.id">
          <button class="linklike" @click="look(c.id)">{{ c.name }}</button>
          <span class="muted">{{ sayFullDay(c.from) }} to {{ sayFullDay(c.until) }}</span>
        </li>
      </ul>
      <p v-else class="muted mb-3">No cover in this season.</p>
      <p v-for="b in cell?.broken ?? []" :key="b.linkId + b.rule" class="rust mb-2">
        {{ session.reason(b.words) }}
      </p>
      <v-text-field
        v-model="reason"
        label="Left out of covers this year because"
        hint="Empty: it is not left out."
        persistent-hint
        :disabled="!session.owner"
      />
      <footer class="row mt-4">
        <v-btn v-if="session.owner" color="primary" @click="save">Save</v-btn>
        <v-btn variant="text" @click="look(covers.length ? 'new' : undefined)">{{
          covers.length ? 'Add a cover behind' : 'Plan a cover'
        }}</v-btn>
        <v-spacer />
        <v-btn variant="text" @click="emit('close')">Close</v-btn>
      </footer>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.covers {
  list-style: none;
  padding: 0;
  margin-bottom: 12px;
}
.covers li {
  display: flex;
  gap: 10px;
  align-items: baseline;
  flex-wrap: wrap;
}
.linklike {
  color: var(--leaf);
  text-decoration: underline;
}
</style>
