import { toValue, type MaybeRefOrGetter } from 'vue'
import { sendAll, type Waiting } from '../../outbox'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { picturesOf } from '../../pictures/sending'
import type { Taken } from '../../pictures/taking'
import { newId } from '../../words/ids'
import { kindOf, type EntryInput } from './entries'

/** Writes entries into a field's record: at once, or from the phone when there is a signal again. */
export function useWriting(fieldId: MaybeRefOrGetter<string>) {
  const session = useSession()

  /**
   * Writes entries in their order.
   *
   * @param pictures of the first of them
   * @returns whether they are written, or kept to be
   */
  async function write(
    entries: EntryInput[],
    said: string,
    pictures: Taken[] = [],
  ): Promise<boolean> {
    const field = toValue(fieldId)
    const written = await attempt(async () => {
      const all = entries.map((body): Waiting => {
        const id = newId()
        return {
          about: id,
          method: 'PUT',
          url: `/api/farms/${session.farm?.id}/fields/${field}/log/${id}`,
          body,
          said: kindOf(session.entryKinds, body.kind)?.label ?? body.kind,
          fieldId: field,
        }
      })
      const [first] = all
      if (first && pictures.length)
        all.splice(1, 0, ...(await picturesOf(field, first.about, pictures)))
      const there = await sendAll(all)
      notice.show(there ? said : 'It is on this phone and is sent when there is a signal.')
      return true
    })
    return written === true
  }

  return { write }
}
