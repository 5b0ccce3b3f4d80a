<script setup lang="ts">
import { computed } from 'vue'
import { useRead } from '../../farm/data'
import { useSession } from '../../session'
import { between } from '../../words/days'

/** The week's work in a line: hours by machine, what slipped, and the way to the rest. */
const DAYS = 7
const session = useSession()
const { data: work } = useRead('/api/farms/{farmId}/field-work')
const hours = computed(() => {
  const now = work.value
  const sums = new Map<string, number>()
  for (const i of now?.items ?? []) {
    for (const s of i.segments) {
      const ahead = between(now!.today, s.day)
      if (i.shareDone < 1 && ahead >= 0 && ahead < DAYS)
        sums.set(i.doer, (sums.get(i.doer) ?? 0) + s.hours)
    }
  }
  return [...sums].filter(([, h]) => h >= session.usual('leastRush')).sort((a, b) => b[1] - a[1])
})
const slipped = computed(
  () => work.value?.items.filter((i) => i.shareDone < 1 && i.finishOn < work.value!.today).length,
)
</script>

<template>
  <p class="small line">
    <template v-if="work">
      <template v-if="hours.length"
        >Work of the next {{ DAYS }} days:
        {{ hours.map(([n, h]) => `${n} ${Math.round(h)} h`).join(', ') }}.
      </template>
      <b v-if="slipped" class="rust"
        >{{ slipped }} {{ slipped === 1 ? 'job' : 'jobs' }} slipped.
      </b>
      <router-link to="/work">{{
        work.items.length ? 'The work' : 'Lay out the work'
      }}</router-link>
    </template>
  </p>
</template>

<style scoped>
/* Kept free while it is asked for: rows must not move under a hand that drags. */
.line {
  margin: 0 0 4px;
  min-height: 1.4em;
}
</style>
