import { attempt } from '../shell/attempt'
import { notice } from '../shell/notice'
import { counted } from '../words/lists'
import { sendPicture } from './sending'
import type { Taken } from './taking'

/** Adds pictures to an entry that is written already, with a signal or without. */
export const addPictures = (fieldId: string, entryId: string, all: Taken[]) =>
  attempt(async () => {
    let sent = true
    for (const t of all) sent = (await sendPicture(fieldId, entryId, t)) && sent
    const said = counted(all.length, 'picture', 'pictures')
    notice.show(sent ? `Kept: ${said}.` : `${said} on this phone, sent when there is a signal.`)
  })
