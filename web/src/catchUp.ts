import { ref } from 'vue'
import { api, ask, type Schemas } from './api/client'

export type Unsaid = Schemas['Unsaid']
export type CatchUpAnswer = Schemas['DeedAnswer']

/** What nobody has said anything of, shared by the pages that tell of it. */
export const unsaid = ref<Unsaid[]>([])

/** Asks again; without a signal what was known stays. */
export async function loadUnsaid(farmId: string): Promise<void> {
  unsaid.value = await ask(
    api.GET('/api/farms/{farmId}/catch-up', { params: { path: { farmId } } }),
  )
}

/** Says what became of some; returns how to take it back. */
export async function answer(
  farmId: string,
  answers: CatchUpAnswer[],
): Promise<() => Promise<void>> {
  const path = { farmId }
  const done = await ask(
    api.POST('/api/farms/{farmId}/catch-up', { params: { path }, body: { answers } }),
  )
  unsaid.value = done.left
  return async () => {
    const logged = answers.filter((a) => a.said === 'asPlanned' || a.said === 'onDay')
    for (const [i, entryId] of done.entries.entries()) {
      const fieldId = logged[i]?.fieldId ?? ''
      await ask(
        api.DELETE('/api/farms/{farmId}/fields/{fieldId}/log/{entryId}', {
          params: { path: { farmId, fieldId, entryId } },
        }),
      )
    }
    const said = answers
      .filter((a) => a.said === 'notDone' || a.said === 'partly')
      .map((a) => ({ fieldId: a.fieldId, deed: a.deed, said: 'open' }))
    if (said.length)
      await ask(
        api.POST('/api/farms/{farmId}/catch-up', { params: { path }, body: { answers: said } }),
      )
    await loadUnsaid(farmId)
  }
}
