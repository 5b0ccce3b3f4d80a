<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { between } from '../../words/days'
import type { Item, LaneRow } from './days'
import WhyHere from './WhyHere.vue'

/** A job on one of its days: whose it is, whether it is done, and why it stands here. */
const props = defineProps<{
  row: LaneRow
  day: string
  by: 'machine' | 'person'
  work: Schemas['WorkView']
  movable: boolean
  owner: boolean
  opened: boolean
}>()
const emit = defineEmits<{
  done: [share: number]
  why: []
  changed: [work: Schemas['WorkView']]
}>()
const session = useSession()
const pinned = (item: Item) =>
  props.work.pins.some((p) => p.fieldId === item.fieldId && p.job === item.job)
</script>

<template>
  <div>
    <div class="row job">
      <span class="grow" :class="{ struck: row.item.shareDone >= 1 }">
        <router-link :to="`/fields/${row.item.fieldId}`">{{ row.item.field }}</router-link>:
        {{ row.item.label }}{{ row.item.customer ? `, for ${row.item.customer}` : '' }}
        <span class="muted small"
          >{{ session.amount(row.hours, 'HOURS') }} · {{ by === 'machine' ? row.who : row.item.doer
          }}<template v-if="row.item.shareDone > 0 && row.item.shareDone < 1">
            · {{ session.amount(row.item.shareDone, 'SHARE') }} done</template
          ></span
        >
        <span v-if="pinned(row.item)" class="tag ml-2">pinned</span>
      </span>
      <span class="no-print acts">
        <template v-if="movable && row.item.shareDone < 1">
          <v-btn
            v-if="between(work.today, day) <= 1"
            size="small"
            color="primary"
            @click="emit('done', 1)"
            >Done</v-btn
          >
          <button v-if="day <= work.today" class="link small" @click="emit('done', 0.5)">
            half
          </button>
        </template>
        <button
          v-if="movable && row.item.shareDone >= 1"
          class="link small"
          @click="emit('done', 0)"
        >
          not done
        </button>
        <button v-if="owner && row.item.shareDone < 1" class="link small" @click="emit('why')">
          why here?
        </button>
      </span>
    </div>
    <WhyHere
      v-if="opened"
      :field-id="row.item.fieldId"
      :job="row.item.job"
      :field="row.item.field"
      :pins="work.pins"
      @changed="emit('changed', $event)"
    />
  </div>
</template>

<style scoped>
.job {
  gap: 8px;
  padding: 2px 0;
  flex-wrap: nowrap;
}
.acts {
  display: flex;
  gap: 8px;
  align-items: center;
  white-space: nowrap;
}
.struck {
  text-decoration: line-through;
  color: var(--muted);
}
</style>
