import { toValue, type MaybeRefOrGetter } from 'vue'
import { send } from '../../outbox'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sendPicture } from '../../pictures/sending'
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
      let all = true
      let left = pictures
      for (const body of entries) {
        const id = newId()
        const now = await send({
          about: id,
          method: 'PUT',
          url: `/api/farms/${session.farm?.id}/fields/${field}/log/${id}`,
          body,
          said: kindOf(session.entryKinds, body.kind)?.label ?? body.kind,
          fieldId: field,
        })
        all &&= now !== undefined
        for (const t of left) all = (await sendPicture(field, id, t)) && all
        left = []
      }
      notice.show(all ? said : 'It is on this phone and is sent when there is a signal.')
      return true
    })
    return written === true
  }

  return { write }
}
