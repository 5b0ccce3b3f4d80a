<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { between, sayFullDay } from '../../words/days'

/** On paper: a sheet for each machine, or person on foot, to hang in the cab. */
const props = defineProps<{ work: Schemas['WorkView'] }>()
const DAYS = 28
const session = useSession()
interface Row {
  day: string
  field: string
  what: string
  hours: number
  who: string[]
}

const sheets = computed(() => {
  const all = new Map<string, Row[]>()
  for (const i of props.work.items) {
    if (i.shareDone >= 1) continue
    for (const s of i.segments) {
      const ahead = between(props.work.today, s.day)
      if (ahead < 0 || ahead >= DAYS || s.hours < session.usual('leastWork')) continue
      const rows = all.get(i.doer) ?? []
      all.set(i.doer, rows)
      const field = i.customer ? `${i.field} (${i.customer})` : i.field
      const row = rows.find((r) => r.day === s.day && r.field === field && r.what === i.label)
      if (!row)
        rows.push({
          day: s.day,
          field,
          what: i.label,
          hours: s.hours,
          who: s.person ? [s.person] : [],
        })
      else {
        row.hours += s.hours
        if (s.person && !row.who.includes(s.person)) row.who.push(s.person)
      }
    }
  }
  for (const rows of all.values()) rows.sort((a, b) => a.day.localeCompare(b.day))
  return [...all].sort(([a], [b]) => a.localeCompare(b))
})
const short = (day: string) => sayFullDay(day).replace(/ \d{4}$/, '')
</script>

<template>
  <div class="only-print">
    <section v-for="[doer, rows] in sheets" :key="doer" class="sheet">
      <h2>{{ doer }}</h2>
      <p class="muted">{{ session.farm?.name }}, from {{ sayFullDay(work.today) }}</p>
      <table class="plain">
        <thead>
          <tr>
            <th>Day</th>
            <th>Field</th>
            <th>Work</th>
            <th class="n">Hours</th>
            <th>Who</th>
            <th>Done</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.day + r.field + r.what">
            <td class="nowrap">{{ short(r.day) }}</td>
            <td>{{ r.field }}</td>
            <td>{{ r.what }}</td>
            <td class="n">{{ session.amount(r.hours, 'HOURS') }}</td>
            <td>{{ r.who.join(', ') || 'own crew' }}</td>
            <td class="box"></td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.only-print {
  display: none;
}
.box {
  width: 60px;
  border-bottom: 1px solid #000;
}
@media print {
  .only-print {
    display: block;
  }
  .sheet {
    break-after: page;
  }
  .sheet:last-child {
    break-after: auto;
  }
}
</style>
