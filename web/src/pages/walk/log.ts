import type { Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { newId } from '../../words/ids'

type Entry = Omit<Schemas['EntryInput'], 'doneOn'>

/** Writes counts of a field into its log; says so, or why not, and whether it was written. */
export function useFieldLog(fieldId: string) {
  const session = useSession()

  const write = async (entries: Entry[], said: string): Promise<boolean> => {
    const written = await attempt(async () => {
      for (const entry of entries) {
        await alter('PUT', '/api/farms/{farmId}/fields/{fieldId}/log/{entryId}', {
          path: { fieldId, entryId: newId() },
          body: { doneOn: session.farm?.today ?? '', ...entry },
        })
      }
      notice.show(said)
      return true
    })
    return written === true
  }

  return { write }
}
