import type { Schemas } from './api/client'
import { alter, place, useRead } from './farm/data'

export type Unsaid = Schemas['Unsaid']
export type CatchUpAnswer = Schemas['DeedAnswer']
const CATCH_UP = '/api/farms/{farmId}/catch-up'

/** What nobody has said anything of yet. */
export const useUnsaid = () => useRead(CATCH_UP)

/** Says what became of some; returns how to take it back. */
export async function answer(answers: CatchUpAnswer[]): Promise<() => Promise<void>> {
  const done = await alter('POST', CATCH_UP, { body: { answers } })
  await place(CATCH_UP, done.left)
  return async () => {
    const logged = answers.filter((a) => a.said === 'asPlanned' || a.said === 'onDay')
    for (const [i, entryId] of done.entries.entries()) {
      const fieldId = logged[i]?.fieldId ?? ''
      await alter('DELETE', '/api/farms/{farmId}/fields/{fieldId}/log/{entryId}', {
        path: { fieldId, entryId },
      })
    }
    const said = answers
      .filter((a) => a.said === 'notDone' || a.said === 'partly')
      .map((a) => ({ fieldId: a.fieldId, deed: a.deed, said: 'open' as const }))
    if (said.length) await alter('POST', CATCH_UP, { body: { answers: said } })
  }
}
