import { del, get, keys, set } from 'idb-keyval'
import { farmNow } from '../farm/now'
import type { Waiting } from '../outbox'
import { saidOf, type Taken } from './taking'

/*
 * Pictures that wait for a signal lie in the browser's database: they are too large for where the words
 * wait. They go after the entry they belong to.
 */
const named = (id: string) => `picture-${id}`

/** A picture that waits; nothing when it is gone. */
export const waitingPicture = (id: string) => get<Blob>(named(id))
export const forgetPicture = (id: string) => del(named(id))

/** A picture of an entry, on this phone from now on and ready to be sent behind it. */
export async function pictureOf(fieldId: string, entryId: string, t: Taken): Promise<Waiting> {
  await set(named(t.id), t.picture)
  return {
    about: `picture-${t.id}`,
    method: 'PUT',
    url: `/api/farms/${farmNow()}/fields/${fieldId}/log/${entryId}/pictures/${t.id}?${saidOf(t)}`,
    body: null,
    said: 'picture',
    picture: t.id,
    after: entryId,
  }
}

/** Pictures of an entry, in their order. */
export const picturesOf = (fieldId: string, entryId: string, taken: readonly Taken[]) =>
  Promise.all(taken.map((t) => pictureOf(fieldId, entryId, t)))

/** Lets go of pictures that nothing waits for any more, as after one was dropped. */
export async function tidy(waiting: readonly { picture?: string }[]) {
  const wanted = new Set(waiting.map((w) => w.picture && named(w.picture)))
  for (const key of await keys<string>()) if (!wanted.has(key)) await del(key)
}
