import { sendAll } from '../outbox'
import { attempt } from '../shell/attempt'
import { notice } from '../shell/notice'
import { counted } from '../words/lists'
import { picturesOf } from './sending'
import type { Taken } from './taking'

/** Adds pictures to an entry that is written already, with a signal or without. */
export const addPictures = (fieldId: string, entryId: string, all: Taken[]) =>
  attempt(async () => {
    const sent = await sendAll(await picturesOf(fieldId, entryId, all))
    const said = counted(all.length, 'picture', 'pictures')
    notice.show(sent ? `Kept: ${said}.` : `${said} on this phone, sent when there is a signal.`)
  })
