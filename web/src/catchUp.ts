import { ref } from 'vue'
import type { Schemas } from './api/client'
import { alter, read } from './farm/data'

export type Unsaid = Schemas['Unsaid']
export type CatchUpAnswer = Schemas['DeedAnswer']

/** What nobody has said anything of, shared by the pages that tell of it. */
export const unsaid = ref<Unsaid[]>([])

/** Asks again; without a signal what was known stays. */
export async function loadUnsaid(farmId: string): Promise<void> {
  unsaid.value = await read('/api/farms/{farmId}/catch-up', { path: { farmId } })
}

/** Says what became of some; returns how to take it back. */
export async function answer(
  farmId: string,
  answers: CatchUpAnswer[],
): Promise<() => Promise<void>> {
  const path = { farmId }
  const done = await alter('POST', '/api/farms/{farmId}/catch-up', { path, body: { answers } })
  unsaid.value = done.left
  return async () => {
    const logged = answers.filter((a) => a.said === 'asPlanned' || a.said === 'onDay')
    for (const [i, entryId] of done.entries.entries()) {
      const fieldId = logged[i]?.fieldId ?? ''
      await alter('DELETE', '/api/farms/{farmId}/fields/{fieldId}/log/{entryId}', {
        path: { farmId, fieldId, entryId },
      })
    }
    const said = answers
      .filter((a) => a.said === 'notDone' || a.said === 'partly')
      .map((a) => ({ fieldId: a.fieldId, deed: a.deed, said: 'open' as const }))
    if (said.length)
      await alter('POST', '/api/farms/{farmId}/catch-up', { path, body: { answers: said } })
    await loadUnsaid(farmId)
  }
}
