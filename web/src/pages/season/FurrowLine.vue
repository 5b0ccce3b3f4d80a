<script setup lang="ts">
import { computed } from 'vue'
import type { Furrow, Schemas } from '../../api/client'
import FurrowJobs from '../../furrow/FurrowJobs.vue'
import FurrowThread from '../../furrow/FurrowThread.vue'
import type { View } from '../../furrow/axis/zoom'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'
import { pressing } from './said'
import type { OpenField } from './openWays'
import { useJobs } from './useJobs'
import { useLensed } from './useLens'

/** A field's season on one line: its name, its season as a thread, its odds. */
const props = defineProps<{
  furrow: Furrow
  /** How it is open to the way of seeding it stands under. */
  open?: OpenField
  shape?: Schemas['CropShape']
  start: string
  today: string
  labelWidth: number
  width: number
  /** The part of the season that is looked at. */
  view?: View
  chosen: boolean
  height: number
}>()
defineEmits<{ choose: [on: boolean] }>()
const session = useSession()
const kinds = useKinds()
const said = useLensed(props)
const jobs = useJobs(props)
const narrow = computed(() => props.labelWidth === 0)
const rust = computed(() => pressing(props.furrow))
const next = computed(() => sentence(session.reason(props.furrow.next.reason)))
/** Room between two threads, and the least height that has room for names, px. */
const [AIR, NAMED_FROM] = [4, 30] as const
</script>

<template>
  <div
    class="line"
    :class="{ narrow, thin: height <= NAMED_FROM }"
    :style="narrow ? {} : { height: height + 'px' }"
  >
    <div class="name" :style="narrow ? {} : { width: labelWidth + 'px' }" :title="next">
      <input
        type="checkbox"
        :checked="chosen"
        :aria-label="`Choose ${furrow.name}`"
        @change="$emit('choose', ($event.target as HTMLInputElement).checked)"
      />
      <router-link :to="'/fields/' + furrow.fieldId" :class="{ rust }">{{
        furrow.name
      }}</router-link>
      <span class="muted cover" :title="furrow.coverWords">{{
        kinds.cover(furrow.plan?.plan.components)
      }}</span>
    </div>
    <FurrowThread
      class="strip"
      :furrow="furrow"
      :shape="shape"
      :start="start"
      :today="today"
      :width="width"
      :view="view"
      :height="height - AIR"
    >
      <template #default="{ scale }">
        <FurrowJobs :jobs="jobs" :scale="scale" :named="!!view && height > NAMED_FROM" />
      </template>
    </FurrowThread>
    <div class="odds">
      <template v-if="said">
        <b :class="{ rust: said.rust }">{{ said.big }}</b>
        <span v-if="!narrow" class="muted under">{{ said.small }}</span>
      </template>
      <template v-else-if="furrow.goal">
        <b :class="{ rust: furrow.goal.poor }">{{ furrow.goal.met }} of {{ furrow.goal.years }}</b>
      </template>
      <span v-else-if="furrow.plan && furrow.next.kind === 'MISSED'" class="rust">too late</span>
    </div>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  gap: 8px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  overflow: hidden;
}
.name {
  display: flex;
  flex: none;
  gap: 7px;
  align-items: center;
  min-width: 0;
  white-space: nowrap;
  font-weight: 600;
  font-size: 0.92rem;
}
.thin .name,
.thin .odds {
  font-size: 0.82rem;
  line-height: 1;
}
.name a:not(.rust) {
  color: inherit;
}
.name a {
  text-decoration: none;
}
.name a:hover {
  text-decoration: underline;
}
.name input {
  accent-color: var(--leaf);
  flex: none;
}
.cover {
  font-weight: 400;
  font-size: 0.8rem;
  overflow: hidden;
  text-overflow: ellipsis;
}
.strip {
  flex: none;
}
.odds {
  flex: 1 1 0;
  min-width: 0;
  white-space: nowrap;
  padding-left: 12px;
  font-size: 0.92rem;
  overflow: hidden;
  text-overflow: ellipsis;
}
.under {
  padding-left: 8px;
  font-size: 0.8rem;
}
.narrow {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 8px;
  padding: 6px 0 4px;
}
.narrow .name {
  min-height: 44px;
}
.narrow .strip {
  grid-column: 1 / -1;
  grid-row: 2;
}
</style>
