<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useDisplay } from 'vuetify'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import LongList from '../../parts/LongList.vue'
import { useRoom } from '../../parts/paper'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSession } from '../../session'
import CellEditor from './CellEditor.vue'
import { useDragged } from './dragged'
import RotationDialog from './RotationDialog.vue'
import YearSums from './YearSums.vue'
import YearStrip from './YearStrip.vue'

/** All fields through the years: what stood, what stands and what is planned, with sums by year. */
const session = useSession()
const { smAndDown } = useDisplay()
const { data: view, trouble, again } = useRead('/api/farms/{farmId}/years')
const words = ref('')
const rows = computed(() =>
  (view.value?.rows ?? []).filter((r) => r.name.toLowerCase().includes(words.value.toLowerCase())),
)
const box = useTemplateRef<HTMLElement>('box')
const width = useRoom(box)
/** What a name takes, and the least a strip is drawn in. */
const [NAME, LEAST] = [150, 620] as const
const printing = useMediaQuery('print')
const label = computed(() => (smAndDown.value && !printing.value ? 0 : NAME))
const strip = computed(() =>
  Math.max(printing.value ? 0 : LEAST, Math.floor(width.value - label.value)),
)
const chosen = ref<string[]>([])
const laying = ref(false)
/** The sums scroll with the fields: on a phone both are wider than the screen. */
type Item = { key: string; row: Schemas['YearRow'] | null; index: number }
const items = computed<Item[]>(() => [
  { key: 'sums', row: null, index: -1 },
  ...rows.value.map((row, index) => ({ key: row.fieldId, row, index })),
])
const seasons = computed(() => view.value?.sums.map((s) => s.season) ?? [])
const drag = useDragged(seasons, () => (laying.value = true))
watch(laying, (now) => now || drag.clear())
/** The fields dragged over, else those chosen, else all that are shown. */
const meant = computed(() => {
  const over = drag.over.value
  if (over) return rows.value.slice(over.first, over.last + 1).map((r) => r.fieldId)
  const shown = rows.value.map((r) => r.fieldId)
  const some = shown.filter((id) => chosen.value.includes(id))
  return some.length ? some : shown
})
const edited = ref<{ row: Schemas['YearRow']; season: number } | null>(null)
const brokenOf = (r: Schemas['YearRow']) => r.years.flatMap((y) => y.broken.map((b) => b.linkId))
const broken = computed(() => rows.value.flatMap((r) => r.years.flatMap((y) => y.broken)).length)
const said = computed(() => {
  const sum = view.value?.sums.find((s) => s.season === view.value?.thisSeason)
  if (!sum) return ''
  const green = session.amount(sum.greenInWinterHa, 'HA')
  return `${green} of ${session.amount(sum.totalHa, 'HA')} green this winter, as planned`
})
function open(row: Schemas['YearRow'], season: number) {
  edited.value = { row, season }
}
</script>

<template>
  <div class="page years">
    <header class="row mb-2">
      <div class="grow">
        <h1>{{ said || 'Through the years' }}</h1>
        <p class="muted">
          {{ rows.length }} {{ rows.length === 1 ? 'field' : 'fields' }}
          <template v-if="broken">
            · {{ broken }} {{ broken === 1 ? 'place' : 'places' }} where one link troubles the
            next</template
          >
        </p>
      </div>
      <v-btn
        v-if="session.owner && rows.length"
        variant="outlined"
        data-test="rotation"
        @click="laying = true"
        >Lay a rotation …</v-btn
      >
      <v-text-field
        v-model="words"
        label="Filter"
        clearable
        class="filter"
        @click:clear="words = ''"
      />
    </header>
    <ReadTrouble what="The years" :trouble="trouble" @again="again" />
    <div ref="box" class="box">
      <p v-if="view && !view.rows.length" class="card">
        Years are drawn by field. <router-link to="/fields/import">Import fields</router-link> or
        <router-link to="/fields/new">add one</router-link>.
      </p>
      <template v-else-if="view && width">
        <LongList :items="items" class="rows">
          <template #default="{ item }">
            <YearSums
              v-if="!item.row"
              :sums="view.sums"
              :this-season="view.thisSeason"
              :label="label"
              :width="strip"
            />
            <section v-else class="field">
              <div class="name" :style="label ? { width: `${label}px` } : {}">
                <label class="choose">
                  <input
                    v-model="chosen"
                    type="checkbox"
                    :value="item.row.fieldId"
                    :aria-label="item.row.name"
                  />
                  <router-link :to="`/fields/${item.row.fieldId}`">{{ item.row.name }}</router-link>
                </label>
                <span class="muted">{{ session.amount(item.row.areaHa, 'HA') }}</span>
              </div>
              <YearStrip
                :links="item.row.links"
                :from="view.from"
                :to="view.to"
                :today="view.today"
                :width="strip"
                :broken="brokenOf(item.row)"
                :dragged="drag.of(item.index, strip)"
                @pick="open(item.row, $event.season)"
                @down="session.owner && drag.start(item.index, $event)"
                @over="drag.to(item.index, $event)"
              />
            </section>
          </template>
        </LongList>
      </template>
    </div>
    <RotationDialog
      v-if="view"
      v-model="laying"
      :field-ids="meant"
      :this-season="view.thisSeason"
      :last-season="view.sums.at(-1)?.season ?? view.thisSeason"
      :over="drag.over.value"
    />
    <CellEditor
      v-if="edited"
      :row="edited.row"
      :season="edited.season"
      @season="edited.season = $event"
      @close="edited = null"
    />
  </div>
</template>

<style scoped>
.years {
  max-width: 1500px;
}
.filter {
  max-width: 170px;
}
.rows {
  height: calc(100dvh - 52px - 46px - 76px);
}
.rows :deep(.scroller) {
  padding-bottom: 70px;
}
.field {
  display: flex;
  align-items: flex-start;
  border-bottom: 1px solid var(--rule);
}
.name {
  flex: none;
  padding-top: 16px;
  display: flex;
  flex-direction: column;
  font-size: 0.92rem;
  overflow: hidden;
}
.choose {
  display: flex;
  gap: 6px;
  align-items: center;
}
.name .muted {
  padding-left: 20px;
  font-size: 0.82rem;
}
@media print {
  .rows {
    height: auto;
  }
  .field {
    break-inside: avoid;
  }
}
@media screen and (max-width: 700px) {
  .field {
    flex-direction: column;
  }
  .name {
    flex-direction: row;
    gap: 8px;
    padding-top: 8px;
    position: sticky;
    left: 0;
  }
}
</style>
