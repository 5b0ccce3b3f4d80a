import { useSession } from '../../session'
import type { Taken } from '../../pictures/taking'
import type { EntryInput } from '../field/entries'
import { useWriting } from '../field/useWriting'

type Seen = Omit<EntryInput, 'doneOn'>

/** Writes counts of a field into its record, of today. */
export function useFieldLog(fieldId: string) {
  const session = useSession()
  const { write } = useWriting(fieldId)
  return {
    write: (entries: Seen[], said: string, pictures: Taken[] = []) =>
      write(
        entries.map((e) => ({ ...e, doneOn: session.farm?.today ?? '' })),
        said,
        pictures,
      ),
  }
}
