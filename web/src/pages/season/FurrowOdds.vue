<script setup lang="ts">
import { computed } from 'vue'
import type { Furrow } from '../../api/client'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import type { OpenField } from './openWays'
import { useLensed } from './useLens'

/** In how many years the plan reaches its goal, or what the lens asks, and how much to look at. */
const props = defineProps<{ furrow: Furrow; open?: OpenField; narrow: boolean }>()
const session = useSession()
const said = useLensed(props)
/** Seed would go out too late for the year to make anything of it: there are no odds to say. */
const gone = computed(() => !!props.furrow.plan && props.furrow.next.kind === 'MISSED')
</script>

<template>
  <div :class="{ tight: narrow }">
    <template v-if="said">
      <div class="big" :class="{ rust: said.rust }">{{ said.big }}</div>
      <div class="muted small">{{ said.small }}</div>
    </template>
    <template v-else-if="furrow.goal">
      <div class="big" :class="{ rust: furrow.goal.poor }">
        {{ furrow.goal.met }} of {{ furrow.goal.years }} <small>years</small>
      </div>
      <div class="muted small" :title="furrow.goal.measure">
        {{ session.amount(furrow.goal.target, furrow.goal.unit) }} {{ furrow.goal.measure }}
      </div>
    </template>
    <template v-else-if="gone">
      <div class="big rust">too late</div>
      <div class="small">
        <router-link :to="`/fields/${furrow.fieldId}`">choose another way</router-link>
      </div>
    </template>
    <div v-if="furrow.rest && !said" class="small">
      Rest, {{ session.amount(furrow.rest.share, 'SHARE') }}: {{ furrow.rest.goal.met }} of
      {{ furrow.rest.goal.years }} on {{ sayDay(furrow.rest.seedOn) }}
    </div>
    <div
      v-if="furrow.warnings.length > 1"
      class="rust small"
      :title="furrow.warnings.map((w) => session.reason(w)).join('\n')"
    >
      {{ furrow.warnings.length }} things to look at
    </div>
  </div>
</template>

<style scoped>
.big {
  font-weight: 690;
  font-size: 1.05rem;
}
.big small {
  font-weight: 400;
  font-size: 0.78rem;
}
.small {
  font-size: 0.78rem;
  line-height: 1.25;
}
.tight .small {
  display: none;
}
</style>
