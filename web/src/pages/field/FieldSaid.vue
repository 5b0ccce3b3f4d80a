<script setup lang="ts">
import type { FieldSeason, Reason } from '../../api/client'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'

/** What is next on the field and why, or what a move would change, and what is wrong with the plan. */
defineProps<{ shown: FieldSeason; edge: Reason | null; dirty: boolean; here: boolean }>()
const session = useSession()
</script>

<template>
  <div class="said" role="status">
    <p v-if="edge">{{ sentence(session.reason(edge)) }}</p>
    <p v-else-if="dirty && shown.changes.length">
      <b>Proposed:</b> {{ shown.changes.map((c) => session.reason(c)).join(' · ') }}
    </p>
    <p v-else-if="dirty && here">Nothing worth saying changes.</p>
    <p v-else>
      <b>{{ sentence(shown.furrow.next.label) }}.</b>
      {{ sentence(session.reason(shown.furrow.next.reason)) }}
    </p>
    <p v-if="here" class="muted">
      No signal: reckoned on this phone, of the days alone. All else stands as it was, and it can be
      kept once the server answers.
    </p>
    <ul v-else-if="shown.furrow.warnings.length" class="warnings">
      <li v-for="(w, i) in shown.furrow.warnings" :key="i" class="rust">
        {{ sentence(session.reason(w)) }}
      </li>
    </ul>
  </div>
</template>

<style scoped>
.said {
  padding: 10px 2px 4px;
  min-height: 54px;
}
.warnings {
  padding-left: 18px;
}
</style>
