<script setup lang="ts">
import { useSession } from '../../session'
import type { Row } from './grouping'

/** The head of a group: what it is, how much of it, and all of it chosen at once. */
defineProps<{ row: Row; chosen: ReadonlySet<string>; choosable: boolean; low?: boolean }>()
defineEmits<{ choose: [ids: string[], on: boolean] }>()
const session = useSession()
</script>

<template>
  <div class="grouphead" :class="{ low }">
    <input
      v-if="choosable"
      type="checkbox"
      :aria-label="`Choose all of ${row.group}`"
      :checked="row.ids?.every((id) => chosen.has(id))"
      @change="$emit('choose', row.ids ?? [], ($event.target as HTMLInputElement).checked)"
    />
    <h2>{{ row.group }}</h2>
    <span class="muted much">{{ row.count }} · {{ session.amount(row.areaHa, 'HA') }}</span>
    <span v-if="row.note" class="note" :class="row.rust ? 'rust' : 'muted'">{{ row.note }}</span>
  </div>
</template>

<style scoped>
.grouphead {
  display: flex;
  gap: 0 10px;
  align-items: baseline;
  padding: 14px 0 4px;
  border-bottom: 1px solid var(--rule);
}
.low {
  padding: 2px 0 0;
  line-height: 1.3;
}
.grouphead input {
  align-self: center;
  accent-color: var(--leaf);
}
.much {
  white-space: nowrap;
}
@media (max-width: 700px) {
  .grouphead {
    flex-wrap: wrap;
  }
}
.note {
  font-size: 0.85rem;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.grouphead h2 {
  white-space: nowrap;
  font-size: 0.98rem;
}
.grouphead h2::first-letter {
  text-transform: uppercase;
}
</style>
