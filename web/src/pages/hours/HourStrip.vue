<script setup lang="ts">
import { useSession } from '../../session'
import { sayDay, sayFullDay } from '../../words/days'
import { bestRun, clock, hourOf, mostly, type HourView, type Placed, type Work } from './hours'

/** One day of one work, hour by hour, with its best run. */
defineProps<{ day: string; hours: Placed[]; work: Work; label: string; picked?: number }>()
const emit = defineEmits<{ pick: [index?: number] }>()
const SIGN: Record<string, string> = { go: '●', marginal: '◐' }
const TICKS = [0, 6, 12, 18]
const session = useSession()
const say = (hour: number) => clock(hour, session.units)
const out = (hour: number) => hour >= session.usual('workFrom') && hour < session.usual('workUntil')

/** The longest run of go hours of a day, in words. */
function best(hours: Placed[], work: Work): string {
  const run = bestRun(hours, work, out)
  if (run) return `go ${say(run.from)} to ${say(run.until)}`
  const limit = mostly(hours, work, out)
  return limit ? `no hour clear: mostly ${limit}` : 'no hour clear'
}
function said(hour: HourView, work: Work): string {
  const { verdict, limit } = hour[work]
  return `${say(hourOf(hour))}: ${verdict}${limit ? ', ' + limit : ''}`
}
</script>

<template>
  <div>
    <p class="small">
      <b>{{ sayFullDay(day).replace(/ \d{4}$/, '') }}</b>
      <span class="best">{{ best(hours, work) }}</span>
    </p>
    <div class="strip" role="group" :aria-label="`${label} on ${sayDay(day)}`">
      <button
        v-for="{ hour, index } in hours"
        :key="index"
        :class="[hour[work].verdict, { on: picked === index }]"
        :title="said(hour, work)"
        :aria-label="said(hour, work)"
        @click="emit('pick', picked === index ? undefined : index)"
      >
        <span aria-hidden="true">{{ SIGN[hour[work].verdict] }}</span>
      </button>
    </div>
    <div class="ticks small muted" aria-hidden="true">
      <span v-for="t in TICKS" :key="t">{{ say(t) }}</span>
    </div>
  </div>
</template>

<style scoped>
.best {
  margin-left: 8px;
}
.strip {
  display: grid;
  grid-template-columns: repeat(24, 1fr);
  gap: 1px;
  margin-top: 3px;
}
.strip button {
  height: 26px;
  font-size: 9px;
  border-radius: 2px;
  background: color-mix(in srgb, var(--soil-band) 40%, transparent);
  overflow: hidden;
  padding: 0;
}
.strip .go {
  background: var(--leaf);
  color: var(--plate);
}
.strip .marginal {
  background: var(--crop-straw);
  color: #2a231c;
}
.strip .on {
  outline: 2px solid var(--ink);
}
.ticks {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  font-size: 0.72rem;
}
@media (max-width: 900px) {
  .strip button {
    height: 34px;
  }
}
</style>
