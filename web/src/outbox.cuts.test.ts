import { AsyncLocalStorage } from 'node:async_hooks'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Waiting } from './outbox'

/*
 * Two hundred days with a bad signal: requests fail on the way there or on the way back, the page is closed
 * in the middle, the server ends and starts again. Nothing is lost, nothing is done twice, and what was
 * written of one thing arrives in its order.
 */
vi.mock('./api/client', () => ({
  Refusal: class extends Error {},
  cookie: () => 'token',
  refusal: (status: number) => new Error(String(status)),
}))
vi.mock('./farm/data', () => ({ sentOtherwise: vi.fn() }))
vi.mock('./shell/notice', () => ({ notice: { show: vi.fn() } }))
vi.mock('./pictures/sending', () => ({
  waitingPicture: (id: string) => Promise.resolve(phone.pictures.get(id)),
  // One that still waits must not be forgotten: the page may be closed before it is off the list.
  forgetPicture: (id: string) =>
    Promise.resolve(
      phone.stored.get('outbox')?.includes(`"${id}"`) ? false : phone.pictures.delete(id),
    ),
}))

type Cut = 'none' | 'there' | 'back' | 'gateway'
/** What survives the closing of a page. */
const phone = { stored: new Map<string, string>(), pictures: new Map<string, string>() }
/** What the server has, by address; each address is one thing, as ids are the phone's. */
const server = { has: new Map<string, string>(), arrived: [] as string[] }
let luck: () => number
let cut: () => Cut

/** Park and Miller 1988: the same days each time the test runs. */
function seeded(seed: number) {
  let now = seed
  return () => (now = (now * 48271) % 2147483647) / 2147483647
}

interface Answered {
  ok?: boolean
  status?: number
  json: () => Promise<unknown>
}

function network(url: string, request?: { body: string }): Promise<Answered> {
  if (url === '/api/session')
    return Promise.resolve({ json: () => Promise.resolve({ signedIn: true }) })
  const how = cut()
  if (how === 'there') return Promise.reject(new TypeError('failed to fetch'))
  if (how === 'gateway')
    return Promise.resolve({ ok: false, status: 502, json: () => Promise.resolve({}) })
  if (!server.has.has(url)) server.arrived.push(url)
  server.has.set(url, request?.body ?? '')
  if (how === 'back') return Promise.reject(new TypeError('failed to fetch'))
  return Promise.resolve({ ok: true, status: 200, json: () => Promise.resolve({ kept: true }) })
}

const soon = () => new Promise((on) => setImmediate(on))
const never = new Promise<never>(() => undefined)

/** Which page is at work: one that is closed does nothing more, though its last request may arrive. */
const working = new AsyncLocalStorage<number>()
let page = 0
const open = () => working.getStore() === page
vi.stubGlobal('localStorage', {
  getItem: (key: string) => phone.stored.get(key) ?? null,
  setItem: (key: string, value: string) => open() && phone.stored.set(key, value),
})
vi.stubGlobal('window', { addEventListener: vi.fn() })
vi.stubGlobal('navigator', { onLine: true })
vi.stubGlobal('setInterval', vi.fn())
vi.stubGlobal('fetch', async (url: string, request?: { body: string }) => {
  if (!open()) return never
  // What was answered to a page that is closed meanwhile, nobody reads.
  const answer = await network(url, request).finally(() => soon().then(() => open() || never))
  return { ...answer, json: () => (open() ? answer.json() : never) }
})

/** A page; the one before is closed. */
async function opened() {
  const mine = ++page
  const here = <T>(what: () => T) => working.run(mine, what)
  vi.resetModules()
  const outbox = await here(() => import('./outbox'))
  return {
    waiting: outbox.waiting,
    send: (w: Waiting) => here(() => outbox.send(w)),
    sendAll: (all: Waiting[]) => here(() => outbox.sendAll(all)),
    flush: () => here(() => outbox.flush()),
  }
}

const entry = (id: string): Waiting => ({
  about: id,
  method: 'PUT',
  url: `/log/${id}`,
  body: { words: id },
  said: 'note',
})
const picture = (id: string, of: string): Waiting => ({
  about: `picture-${id}`,
  method: 'PUT',
  url: `/log/${of}/pictures/${id}`,
  body: null,
  said: 'picture',
  picture: id,
  after: of,
})

beforeEach(() => {
  phone.stored.clear()
  phone.pictures.clear()
  server.has.clear()
  server.arrived.length = 0
})

describe('two hundred cuts of the signal', () => {
  it.each([1, 2, 3])(
    'lose nothing and double nothing, luck %i',
    async (seed) => {
      luck = seeded(20260912 + seed)
      let cuts = 0
      cut = () => {
        const l = luck()
        const how = l < 0.12 ? 'there' : l < 0.2 ? 'back' : l < 0.25 ? 'gateway' : 'none'
        if (how !== 'none') cuts++
        return how
      }
      let outbox = await opened()
      const wanted: string[] = []
      for (let i = 0; cuts < 200; i++) {
        const id = `e${i}`
        wanted.push(`/log/${id}`)
        const first = outbox.send(entry(id))
        if (luck() < 0.1) {
          // Closed as soon as it was written down, while it is on its way for the first time.
          await soon()
          outbox = await opened()
          continue
        }
        await first
        if (luck() < 0.2) {
          phone.pictures.set(`q${i}`, `picture ${i}`)
          wanted.push(`/log/t${i}`, `/log/t${i}/pictures/q${i}`)
          const both = outbox.sendAll([entry(`t${i}`), picture(`q${i}`, `t${i}`)])
          if (luck() < 0.5) await both
          else {
            for (let n = luck() * 4; n > 0; n--) await soon()
            outbox = await opened()
            continue
          }
        }
        if (luck() < 0.5) {
          phone.pictures.set(`p${i}`, `picture ${i}`)
          wanted.push(`/log/${id}/pictures/p${i}`)
          await outbox.send(picture(`p${i}`, id))
        }
        // Some time goes by, in which some of what waits is on its way.
        for (let n = luck() * 40; n > 0; n--) await soon()
        // The page is closed, at times while something is on its way.
        if (luck() < 0.2) {
          void outbox.flush()
          outbox = await opened()
        } else if (luck() < 0.3) await outbox.flush()
      }
      cut = () => 'none'
      outbox = await opened()
      await vi.waitFor(async () => {
        await outbox.flush()
        expect(outbox.waiting.value).toEqual([])
      })
      expect([...server.has.keys()].sort()).toEqual([...wanted].sort())
      for (const url of wanted) {
        const [, , id, , p] = url.split('/')
        expect(server.has.get(url)).toBe(
          p ? `picture ${p.slice(1)}` : JSON.stringify({ words: id }),
        )
        if (p)
          expect(server.arrived.indexOf(url)).toBeGreaterThan(server.arrived.indexOf(`/log/${id}`))
      }
      expect(phone.pictures.size).toBe(0)
      expect(cuts).toBeGreaterThanOrEqual(200)
    },
    60_000,
  )
})
