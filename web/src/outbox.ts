import { ref, watch } from 'vue'
import { cookie, refusal, Refusal } from './api/client'
import { sentOtherwise } from './farm/data'
import { forgetPicture, waitingPicture } from './pictures/sending'
import { notice } from './shell/notice'

/**
 * What is written without a signal waits on the phone and is sent, in its order, once there is one.
 * Only what may safely be sent twice goes through here.
 */
export interface Waiting {
  /** What it says something about; a later entry about the same outranks it. */
  about: string
  method: 'POST' | 'PUT'
  url: string
  body: unknown
  /** In words, for whoever looks at what waits. */
  said: string
  /** The field whose record it is of, where it is an entry of one. */
  fieldId?: string
  /** The picture that is sent instead of a body. */
  picture?: string
  /** What it waits for: it means nothing before that is there. */
  after?: string
  /** Why it was refused; it stays until somebody mends or drops it. */
  problem?: string
}

const KEY = 'outbox'
const listeners = new Set<() => void>()
export const waiting = ref<Waiting[]>(read())
/** What is sent for the first time: nobody need be told that it waits, but a page closed now finds it again. */
let onItsWay: Waiting[] = []
const keep = () => localStorage.setItem(KEY, JSON.stringify([...waiting.value, ...onItsWay]))
// At once: a page that is closed in the next moment forgets nothing.
watch(waiting, keep, { deep: true, flush: 'sync' })

function read(): Waiting[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Waiting[]
  } catch {
    return []
  }
}

/** Called when waiting entries have gone out; returns how to forget it. */
export function onSent(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** What goes with it: a picture out of the browser's database, or words. */
async function bodyOf(w: Waiting): Promise<{ type: string; body: BodyInit }> {
  if (!w.picture) return { type: 'application/json', body: JSON.stringify(w.body) }
  const body = await waitingPicture(w.picture)
  if (!body) throw refusal(410, { detail: 'The picture is no longer on this phone.' })
  return { type: 'image/jpeg', body }
}

/** Only what is off the list: closed in between, a page would look for a picture that is not there. */
async function gone(w: Waiting) {
  if (w.picture) await forgetPicture(w.picture)
}

async function go(w: Waiting): Promise<unknown> {
  const { type, body: sent } = await bodyOf(w)
  let response: Response
  try {
    response = await fetch(w.url, {
      method: w.method,
      headers: { 'Content-Type': type, 'X-XSRF-TOKEN': cookie('XSRF-TOKEN') },
      body: sent,
    })
  } catch {
    return undefined
  }
  // A gateway that cannot reach the server is no signal either.
  if (response.status === 502 || response.status === 503 || response.status === 504)
    return undefined
  const body: unknown = await response.json().catch(() => ({}))
  if (!response.ok) throw refusal(response.status, body)
  void sentOtherwise()
  return body
}

const unsent = () => waiting.value.filter((w) => !w.problem)
const held = (w: Waiting) => waiting.value.some((o) => o.about === w.after)

/**
 * Sends, or keeps for later.
 * @returns the answer; nothing when it waits
 */
export async function send<T>(w: Waiting): Promise<T | undefined> {
  // What waits goes first, so that a later word about the same job stays the later one.
  if (!unsent().length) {
    const got = await firstTry(w)
    if (got !== undefined) {
      void gone(w)
      return got as T
    }
  } else outrank(w)
  if (navigator.onLine) void flush()
  return undefined
}

/**
 * Sends what belongs together, in its order; all of it is on the phone's list before the first is on its way.
 * Where the first is refused, so is all; another that is refused stays on the list with its reason.
 * @returns whether all is there, and nothing waits
 */
export async function sendAll(together: readonly Waiting[]): Promise<boolean> {
  onItsWay = [...onItsWay, ...together]
  keep()
  try {
    let there = true
    for (const w of together) {
      const sent = await send(w).catch((e: Error) => {
        if (w === together[0]) throw e
        outrank(w, [{ ...w, problem: e.message }])
      })
      there = sent !== undefined && there
    }
    return there
  } finally {
    onItsWay = onItsWay.filter((o) => !together.includes(o))
    keep()
  }
}

/** An earlier word about the same, even one that was refused, gives way. */
const outrank = (w: Waiting, by: Waiting[] = [w]) =>
  (waiting.value = [...waiting.value.filter((o) => o.about !== w.about), ...by])

/** Sends what nothing goes before; without a signal it waits from now on. */
async function firstTry(w: Waiting): Promise<unknown> {
  if (!onItsWay.includes(w)) onItsWay = [...onItsWay, w]
  keep()
  try {
    const got = await go(w)
    outrank(w, got === undefined ? [w] : [])
    return got
  } finally {
    onItsWay = onItsWay.filter((o) => o !== w)
    keep()
  }
}

/** Sends; signed out meanwhile it keeps waiting, and a page open for too long tries once more. */
async function goOnce(w: Waiting): Promise<unknown> {
  try {
    return await go(w)
  } catch (e) {
    if (!(e instanceof Refusal) || (e.status !== 401 && e.status !== 403)) throw e
    const session = await fetch('/api/session').catch(() => undefined)
    const state = (await session?.json().catch(() => undefined)) as { signedIn?: boolean }
    return state?.signedIn ? go(w) : undefined
  }
}

let flushing = false

const same = (a: Waiting, b: Waiting) => JSON.stringify(a) === JSON.stringify(b)

/** Forgets what waits with what waits for it, as if it had never been written. */
export function drop(w: Waiting) {
  waiting.value = waiting.value.filter((o) => !same(o, w) && o.after !== w.about)
}

/** Puts what was refused right and sends it again, in its turn. */
export function mend(w: Waiting, body: unknown): Promise<void> {
  waiting.value = waiting.value.map((o) => (same(o, w) ? { ...w, body, problem: undefined } : o))
  return flush()
}

/** The next that waits for nothing but a signal. */
const first = () => unsent().find((w) => !held(w))
function forgetIt(w: Waiting) {
  onItsWay = onItsWay.filter((o) => !same(o, w))
  waiting.value = waiting.value.filter((o) => !same(o, w))
}
const stands = (w: Waiting, problem: string) =>
  (waiting.value = waiting.value.map((o) => (same(o, w) ? { ...w, problem } : o)))

/** Sends what waits; stops where the signal does. What is refused stays, with the reason. */
export async function flush(): Promise<void> {
  if (flushing || !unsent().length) return
  flushing = true
  let sent = 0
  try {
    // Asked anew each time: what is written meanwhile goes along.
    for (let next = first(); next; next = first()) {
      try {
        if ((await goOnce(next)) === undefined) break
        forgetIt(next)
        void gone(next)
      } catch (e) {
        const problem = (e as Error).message
        notice.show(`${next.said} could not be kept: ${problem}`)
        stands(next, problem)
      }
      sent++
    }
  } finally {
    flushing = false
  }
  if (sent) listeners.forEach((l) => l())
}

window.addEventListener('online', () => void flush())
// What another window of this browser writes or sends waits here no longer, or from now on.
window.addEventListener('storage', (e) => {
  if (e.key === KEY) waiting.value = read()
})
setInterval(() => void flush(), 20_000)
void flush()
