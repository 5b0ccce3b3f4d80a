import { computed, watch } from 'vue'
import type { Furrow, Schemas } from '../../api/client'
import { read, useRead } from '../../farm/data'
import { useFewAtATime } from '../../farm/fewAtATime'
import { useKinds } from '../../words/kinds'

type Answer = Schemas['FieldEnding']
/** A field's ending: what is known at once, and what is computed as soon as it is. */
export type EndingRow = Omit<Answer, 'purpose'> & {
  purpose: string
  /** As the plan has it, and when the next crop is planted. */
  meant?: { way: string; endOn: string; plantOn?: string }
  /** Whether its years were run and there is no cover to end. */
  none?: boolean
}

/** Endings of all fields: planned ones stand at once, what comes of them is filled in row by row. */
export function useEndingRows() {
  const kinds = useKinds()
  const { data: season, trouble: seasonTrouble } = useRead('/api/farms/{farmId}/season')
  const planned = computed(() =>
    (season.value?.furrows ?? [])
      .filter((f) => f.plan)
      .sort((a, b) => a.plan!.plan.endOn.localeCompare(b.plan!.plan.endOn)),
  )
  const { answers, done, running, trouble, stop, goOn, again } = useFewAtATime(
    () => planned.value.map((f) => f.fieldId),
    (fields) => read('/api/farms/{farmId}/endings', { query: { fields } }),
    (a) => a.fieldId,
  )
  // Whoever changes the farm, what is shown is of what stands now.
  watch(season, (now) => now && again(), { immediate: true })

  const meant = (f: Furrow) => ({
    way: f.plan!.plan.ending,
    endOn: f.plan!.plan.endOn,
    plantOn: f.nextPlantOn,
  })
  const known = (f: Furrow): EndingRow => ({
    fieldId: f.fieldId,
    field: f.name,
    areaHa: f.areaHa,
    cover: f
      .plan!.plan.components.map((c) => kinds.species(c.species)?.name ?? c.species)
      .join(', '),
    purpose: f.goal?.purpose ?? '',
    endedOn: f.endedOn,
    meant: meant(f),
  })
  const rows = computed<EndingRow[]>(() =>
    planned.value.map((f) => {
      const answer = answers.value.get(f.fieldId)
      return answer
        ? { ...answer, meant: meant(f) }
        : { ...known(f), none: done.value.has(f.fieldId) }
    }),
  )
  return {
    rows,
    known: computed(() => !!season.value),
    years: computed(() => season.value?.years ?? 0),
    answered: computed(() => planned.value.filter((f) => done.value.has(f.fieldId)).length),
    running,
    trouble: computed(() => seasonTrouble.value || trouble.value),
    stop,
    goOn,
  }
}
