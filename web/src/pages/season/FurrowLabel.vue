<script setup lang="ts">
import { computed } from 'vue'
import type { Furrow } from '../../api/client'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import { useKinds } from '../../words/kinds'
import { pressing } from './said'

/** Which field a furrow is of, its crops and cover, and what presses. */
const props = defineProps<{ furrow: Furrow; chosen: boolean; narrow: boolean }>()
const emit = defineEmits<{ choose: [on: boolean] }>()
const session = useSession()
const kinds = useKinds()
const rust = computed(() => pressing(props.furrow))
</script>

<template>
  <div :class="{ tight: narrow }">
    <div class="name">
      <input
        type="checkbox"
        :checked="chosen"
        :aria-label="`Choose ${furrow.name}`"
        @change="emit('choose', ($event.target as HTMLInputElement).checked)"
      />
      <router-link :to="'/fields/' + furrow.fieldId">{{ furrow.name }}</router-link>
      <span class="area">{{ session.amount(furrow.areaHa, 'HA') }}</span>
    </div>
    <div class="muted line">
      {{ furrow.crop }} → {{ furrow.nextCrop
      }}<template v-if="furrow.goal"> · {{ furrow.goal.label }}</template>
    </div>
    <div
      v-if="furrow.plan"
      class="line"
      :class="{ one: rust }"
      :title="rust ? furrow.coverWords : undefined"
    >
      {{ rust ? kinds.cover(furrow.plan.plan.components) : furrow.coverWords }}
    </div>
    <div v-if="rust || !furrow.plan" class="line" :class="{ rust }">
      {{ sentence(session.reason(furrow.next.reason)) }}
    </div>
  </div>
</template>

<style scoped>
.name {
  display: flex;
  gap: 7px;
  align-items: baseline;
  font-weight: 650;
}
.name a {
  color: inherit;
  text-decoration: none;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.name a:hover {
  text-decoration: underline;
}
.name input {
  accent-color: var(--leaf);
  flex: none;
  align-self: center;
}
.area {
  margin-left: auto;
  color: var(--muted);
  font-weight: 400;
  font-size: 0.84rem;
  white-space: nowrap;
}
.line {
  font-size: 0.83rem;
  line-height: 1.28;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
  padding-left: 20px;
}
.line.one {
  -webkit-line-clamp: 1;
}
.tight .line {
  -webkit-line-clamp: 1;
}
@media print {
  .line,
  .line.one,
  .tight .line {
    display: block;
    overflow: visible;
  }
  .name a {
    white-space: normal;
    overflow: visible;
  }
}
</style>
