<script setup lang="ts">
import type { Furrow } from '../../api/client'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'

/** In how many years the plan reaches its goal, and how much there is to look at. */
defineProps<{ furrow: Furrow; narrow: boolean }>()
const session = useSession()
</script>

<template>
  <div :class="{ tight: narrow }">
    <template v-if="furrow.goal">
      <div class="big" :class="{ rust: furrow.goal.poor }">
        {{ furrow.goal.met }} of {{ furrow.goal.years }} <small>years</small>
      </div>
      <div class="muted small" :title="furrow.goal.measure">
        {{ session.amount(furrow.goal.target, furrow.goal.unit) }} {{ furrow.goal.measure }}
      </div>
    </template>
    <div v-if="furrow.rest" class="small">
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
