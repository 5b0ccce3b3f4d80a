<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

/** Where a job could stand and what that would cost or bring; what is settled about it. */
const props = defineProps<{
  fieldId: string
  job: string
  field: string
  pins: Pin[]
  runId?: string
}>()
const emit = defineEmits<{ changed: [work: Schemas['WorkView']] }>()
type Pin = Schemas['PinView']
type Place = Schemas['ElsewhereView']
/** Shown of each machine. */
const PLACES = 3
const session = useSession()
const path = () => ({ fieldId: props.fieldId, job: props.job })
const { data: places, trouble } = useRead(
  '/api/farms/{farmId}/field-work/jobs/{fieldId}/{job}/elsewhere',
  () => ({ path: path(), query: { runId: props.runId } }),
)
const pin = computed(() =>
  props.pins.find((p) => p.fieldId === props.fieldId && p.job === props.job),
)

const here = computed(() => places.value?.find((p) => p.here))
/** The best places of each machine, and where it stands now; that place once. */
const shown = computed(() => {
  const perDoer = new Map<string, number>()
  return (places.value ?? []).filter((p) => {
    const same = p.doerId === here.value?.doerId && p.startOn === here.value.startOn
    if (same && !p.here) return false
    const n = perDoer.get(p.doerId) ?? 0
    perDoer.set(p.doerId, n + 1)
    return n < PLACES || p.here
  })
})
const place = (p: Place) => `${p.doer} on ${sayDay(p.startOn)}`
/** Why it stands where it does, before any money. */
const lead = computed(() => {
  const others = shown.value.filter((p) => !p.here)
  const best = others[0]
  if (!best) return 'Nothing else gets it done inside its window beside the other jobs.'
  if (!here.value) return `It is not in the plan; ${place(best)} would do.`
  if (best.usd > 1)
    return `${place(best)} would be better by ${session.amount(best.usd, 'USD')}: lay out again to take it.`
  if (best.usd > -1) return `${place(best)} is as good; it stays where it was kept.`
  return `It stands best here: the next best, ${place(best)}, costs ${session.amount(-best.usd, 'USD')}.`
})
const name = (id: string) => places.value?.find((p) => p.doerId === id)?.doer ?? 'another machine'
const settled = computed(() => {
  const p = pin.value
  if (!p) return ''
  const parts = []
  if (p.day) parts.push('begins on ' + sayDay(p.day))
  if (p.onlyDoer) parts.push('done by ' + name(p.onlyDoer))
  if (p.neverDoers.length) parts.push('not by ' + p.neverDoers.map(name).join(' nor '))
  return parts.join(', ')
})

async function settle(change: Schemas['PinInput'] | null) {
  const was = pin.value
  const body = change === null ? {} : { ...was, ...change }
  await put(
    body,
    change === null ? 'The pin is lifted.' : 'Settled; lay out again to see it.',
    () => put(was ?? {}, 'As it was.'),
  )
}
const put = (body: Schemas['PinInput'], said: string, undo?: () => Promise<unknown>) =>
  attempt(async () => {
    const { day, onlyDoer, neverDoers } = body
    emit(
      'changed',
      await alter('PUT', '/api/farms/{farmId}/field-work/jobs/{fieldId}/{job}/pin', {
        path: path(),
        body: { day, onlyDoer, neverDoers },
      }),
    )
    notice.show(`${props.field}: ${said}`, undo ? 'Undo' : '', () => void undo?.())
  })
const only = (p: Place) =>
  settle({
    onlyDoer: p.doerId,
    neverDoers: (pin.value?.neverDoers ?? []).filter((n) => n !== p.doerId),
  })
const never = (p: Place) =>
  settle({
    neverDoers: [...new Set([...(pin.value?.neverDoers ?? []), p.doerId])],
    onlyDoer: pin.value?.onlyDoer === p.doerId ? undefined : pin.value?.onlyDoer,
  })
</script>

<template>
  <div class="why small no-print">
    <p v-if="settled">
      <b>Settled:</b> {{ settled }}.
      <button class="link" @click="settle(null)">lift the pin</button>
    </p>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <p v-else-if="!places" class="muted">Trying it everywhere…</p>
    <p v-else-if="!places.length" class="muted">
      No machine gets it done inside its window beside the other jobs.
    </p>
    <template v-else>
      <p class="mb-1">
        <b>{{ lead }}</b>
      </p>
      <table class="plain">
        <tbody>
          <tr v-for="p in shown" :key="p.doerId + p.startOn" :class="{ mine: p.here }">
            <td>{{ p.doer === sentence(p.label) ? p.doer : `${sentence(p.label)}, ${p.doer}` }}</td>
            <td>
              <span class="nowrap">{{ sayDay(p.startOn) }}</span>
              <div v-if="p.reaches !== undefined" class="muted">
                {{ Math.round(100 * p.reaches) }} % of the goal
              </div>
            </td>
            <td class="n">
              <template v-if="p.here || Math.abs(p.usd) < 1">as now</template>
              <template v-else-if="p.usd < 0">costs {{ session.amount(-p.usd, 'USD') }}</template>
              <template v-else>brings {{ session.amount(p.usd, 'USD') }} more</template>
              <div v-if="!p.pins" class="rust">in the way of a pin</div>
            </td>
            <td class="pins">
              <button class="link" @click="settle({ day: p.startOn })">this day</button>
              <button class="link" @click="only(p)">this machine</button>
              <button class="link" @click="never(p)">not this one</button>
            </td>
          </tr>
        </tbody>
      </table>
    </template>
    <p class="muted">Money of the whole plan, all other jobs kept in their order.</p>
  </div>
</template>

<style scoped>
.why {
  background: color-mix(in srgb, var(--soil-band) 14%, transparent);
  padding: 6px 10px;
  border-radius: 8px;
}
.mine td {
  font-weight: 600;
}
.pins {
  white-space: nowrap;
}
.pins .link + .link {
  margin-left: 10px;
}
@media (max-width: 700px) {
  .pins {
    white-space: normal;
  }
}
</style>
