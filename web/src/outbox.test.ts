import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Waiting } from './outbox'

const said: string[] = []
class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message)
  }
}
vi.mock('./api/client', () => ({
  Refusal,
  cookie: () => 'token',
  refusal: (status: number, body: { detail?: string }) => new Refusal(status, body.detail ?? ''),
}))
vi.mock('./farm/data', () => ({ sentOtherwise: vi.fn() }))
const pictures = new Map<string, string>()
vi.mock('./pictures/sending', () => ({
  waitingPicture: (id: string) => Promise.resolve(pictures.get(id)),
  forgetPicture: (id: string) => Promise.resolve(pictures.delete(id)),
}))
vi.mock('./shell/notice', () => ({ notice: { show: (text: string) => said.push(text) } }))

/** What the network does with each request: a status with a body, or no signal at all. */
type Answer = { status: number; body: unknown } | 'no signal'
let answers: Answer[] = []
const sent: { url: string; body: unknown }[] = []
const stored = new Map<string, string>()
const heard = new Map<string, (e: unknown) => void>()
let outbox: typeof import('./outbox')

const job = (about: string, share = 1): Waiting => ({
  about,
  method: 'POST',
  url: `/jobs/${about}/done`,
  body: { share },
  said: `${about}: done`,
})
const ok = (body: unknown = { done: true }): Answer => ({ status: 200, body })

async function load(online = true) {
  vi.resetModules()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => stored.get(key) ?? null,
    setItem: (key: string, value: string) => stored.set(key, value),
  })
  vi.stubGlobal('window', {
    addEventListener: (what: string, then: (e: unknown) => void) => heard.set(what, then),
  })
  vi.stubGlobal('navigator', { onLine: online })
  vi.stubGlobal('setInterval', vi.fn())
  vi.stubGlobal('fetch', (url: string, request?: { body: string }) => {
    if (url === '/api/session')
      return Promise.resolve({ json: () => Promise.resolve({ signedIn: false }) })
    const body = request?.body ?? 'null'
    const words = body.startsWith('{') || body === 'null'
    sent.push({ url, body: words ? (JSON.parse(body) as unknown) : body })
    const answer = answers.shift() ?? 'no signal'
    return answer === 'no signal'
      ? Promise.reject(new TypeError('failed to fetch'))
      : Promise.resolve({
          ok: answer.status < 400,
          status: answer.status,
          json: () => Promise.resolve(answer.body),
        })
  })
  outbox = await import('./outbox')
}

beforeEach(async () => {
  answers = []
  sent.length = 0
  said.length = 0
  stored.clear()
  pictures.clear()
  await load(false)
})
const waits = () => outbox.waiting.value.map((w) => w.about)

const note = (about: string): Waiting => ({ ...job(about), method: 'PUT', url: `/log/${about}` })
const of = (entry: string, id: string): Waiting => ({
  ...note(`picture-${id}`),
  picture: id,
  after: entry,
})

describe('what belongs together', () => {
  it('is all on the phone before the first is on its way', async () => {
    pictures.set('p', 'a picture')
    void outbox.sendAll([note('wet'), of('wet', 'p')])
    await load(false)
    expect(waits()).toEqual(['wet', 'picture-p'])
  })

  it('goes in its order, and says whether all is there', async () => {
    pictures.set('p', 'a picture')
    answers = [ok(), ok()]
    expect(await outbox.sendAll([note('wet'), of('wet', 'p')])).toBe(true)
    expect(sent.map((s) => s.url)).toEqual(['/log/wet', '/log/picture-p'])
    answers = [ok()]
    expect(await outbox.sendAll([note('dry'), note('cold')])).toBe(false)
    expect(waits()).toEqual(['cold'])
  })

  it('is refused whole with its first', async () => {
    answers = [{ status: 422, body: { detail: 'No such day.' } }]
    const both = outbox.sendAll([note('wet'), note('dry')])
    await expect(both).rejects.toThrow('No such day.')
    expect(sent).toHaveLength(1)
    expect(stored.get('outbox')).toBe('[]')
  })

  it('keeps another that is refused, with its reason, so that the first is not written twice', async () => {
    answers = [ok(), { status: 422, body: { detail: 'Too dark.' } }]
    expect(await outbox.sendAll([note('wet'), note('dry')])).toBe(false)
    expect(outbox.waiting.value).toMatchObject([{ about: 'dry', problem: 'Too dark.' }])
  })
})

describe('what is written without a signal', () => {
  it('goes straight out where there is one', async () => {
    answers = [ok({ items: 3 })]
    expect(await outbox.send(job('ridge'))).toEqual({ items: 3 })
    expect(waits()).toEqual([])
    expect(sent).toEqual([{ url: '/jobs/ridge/done', body: { share: 1 } }])
  })

  it('waits where there is none, and outlives the page', async () => {
    expect(await outbox.send(job('ridge'))).toBeUndefined()
    expect(waits()).toEqual(['ridge'])
    await Promise.resolve()
    expect(JSON.parse(stored.get('outbox') ?? '[]')).toHaveLength(1)
    await load(false)
    expect(waits()).toEqual(['ridge'])
  })

  it.each([502, 503, 504])(
    'waits where a gateway answers %i in the place of the server',
    async (status) => {
      answers = [{ status, body: {} }]
      await outbox.send(job('ridge'))
      expect(waits()).toEqual(['ridge'])
    },
  )

  it('is found again by the next page where this one is closed while it is on its way', async () => {
    void outbox.send(job('ridge'))
    expect(waits()).toEqual([])
    await load(false)
    expect(waits()).toEqual(['ridge'])
  })

  it('is on no list any more once it is there or refused', async () => {
    answers = [ok(), { status: 422, body: { detail: 'No such day.' } }]
    await outbox.send(job('ridge'))
    await outbox.send(job('hollow')).catch(() => undefined)
    expect(stored.get('outbox')).toBe('[]')
  })

  it('is refused at once where the server refuses it', async () => {
    answers = [{ status: 422, body: { detail: 'No such day.' } }]
    await expect(outbox.send(job('ridge'))).rejects.toThrow('No such day.')
    expect(waits()).toEqual([])
  })

  it('stays in its order, the later word about a job in the place of the earlier', async () => {
    await outbox.send(job('ridge', 0.5))
    await outbox.send(job('bench'))
    await outbox.send(job('ridge', 1))
    expect(waits()).toEqual(['bench', 'ridge'])
    expect(sent).toHaveLength(1)
    answers = [ok(), ok()]
    const heard = vi.fn()
    const forget = outbox.onSent(heard)
    await outbox.flush()
    expect(sent.slice(1).map((s) => s.body)).toEqual([{ share: 1 }, { share: 1 }])
    expect(sent.slice(1).map((s) => s.url)).toEqual(['/jobs/bench/done', '/jobs/ridge/done'])
    expect(waits()).toEqual([])
    expect(heard).toHaveBeenCalledOnce()
    forget()
  })

  it('stops where the signal does and keeps the rest', async () => {
    await outbox.send(job('ridge'))
    await outbox.send(job('bench'))
    answers = [ok(), 'no signal']
    await outbox.flush()
    expect(waits()).toEqual(['bench'])
  })

  it('stays with its reason when it is refused later, and the rest goes on', async () => {
    await outbox.send(job('ridge'))
    await outbox.send(job('bench'))
    answers = [{ status: 404, body: { detail: 'There is no such job.' } }, ok()]
    await outbox.flush()
    expect(said).toEqual(['ridge: done could not be kept: There is no such job.'])
    expect(outbox.waiting.value).toEqual([{ ...job('ridge'), problem: 'There is no such job.' }])
    await load(false)
    expect(waits()).toEqual(['ridge'])
  })

  it('what was refused holds nothing else up and is not tried again by itself', async () => {
    await outbox.send(job('ridge'))
    answers = [{ status: 422, body: { detail: 'No.' } }]
    await outbox.flush()
    answers = [ok({ items: 1 }), ok()]
    expect(await outbox.send(job('bench'))).toEqual({ items: 1 })
    await outbox.flush()
    expect(waits()).toEqual(['ridge'])
    expect(answers).toHaveLength(1)
  })

  it('a later word that goes straight out takes the place of one that was refused', async () => {
    await outbox.send(job('ridge'))
    answers = [{ status: 422, body: { detail: 'No.' } }]
    await outbox.flush()
    answers = [ok({ items: 1 })]
    expect(await outbox.send(job('ridge', 0))).toEqual({ items: 1 })
    expect(waits()).toEqual([])
  })

  it('what is written while another is on its way goes right after it', async () => {
    await outbox.send(job('ridge'))
    answers = [ok(), ok(), ok()]
    const going = outbox.flush()
    await outbox.send(job('ridge', 0))
    await outbox.send(job('bench'))
    await going
    expect(sent.slice(1).map((s) => s.body)).toEqual([{ share: 1 }, { share: 0 }, { share: 1 }])
    expect(waits()).toEqual([])
  })

  it('is mended and sent, or dropped', async () => {
    await outbox.send(job('ridge'))
    await outbox.send(job('bench'))
    answers = [
      { status: 422, body: { detail: 'Too much.' } },
      { status: 422, body: { detail: 'Too much.' } },
    ]
    await outbox.flush()
    const [ridge, bench] = outbox.waiting.value
    answers = [ok()]
    await outbox.mend(ridge!, { share: 0.5 })
    expect(sent.at(-1)).toEqual({ url: '/jobs/ridge/done', body: { share: 0.5 } })
    expect(waits()).toEqual(['bench'])
    outbox.drop(bench!)
    expect(waits()).toEqual([])
  })

  it('keeps waiting while one is signed out', async () => {
    await outbox.send(job('ridge'))
    answers = [{ status: 401, body: {} }]
    await outbox.flush()
    expect(waits()).toEqual(['ridge'])
    expect(said).toEqual([])
  })

  it('reads nothing from what is no list', async () => {
    stored.set('outbox', '{broken')
    await load(false)
    expect(waits()).toEqual([])
  })

  const picture = (after: string): Waiting => ({
    ...job('picture-p1'),
    method: 'PUT',
    body: null,
    picture: 'p1',
    after,
  })

  it('a picture goes out as it is and is forgotten once it is there', async () => {
    pictures.set('p1', 'bytes of a picture')
    answers = [ok()]
    await outbox.send(picture('ridge'))
    expect(sent).toEqual([{ url: '/jobs/picture-p1/done', body: 'bytes of a picture' }])
    await vi.waitFor(() => expect(pictures.size).toBe(0))
  })

  it('a picture waits for its entry, also for one that was refused', async () => {
    pictures.set('p1', 'bytes of a picture')
    await outbox.send(job('ridge'))
    await outbox.send(picture('ridge'))
    answers = [{ status: 422, body: { detail: 'Too much.' } }]
    await outbox.flush()
    await outbox.flush()
    expect(waits()).toEqual(['ridge', 'picture-p1'])
    expect(answers).toEqual([])
    answers = [ok(), ok()]
    await outbox.mend(outbox.waiting.value[0]!, { share: 1 })
    expect(sent.slice(-2).map((s) => s.url)).toEqual(['/jobs/ridge/done', '/jobs/picture-p1/done'])
    expect(waits()).toEqual([])
  })

  it('a picture is dropped with its entry', async () => {
    await outbox.send(job('ridge'))
    await outbox.send(picture('ridge'))
    await outbox.send(job('bench'))
    outbox.drop(outbox.waiting.value[0]!)
    expect(waits()).toEqual(['bench'])
  })

  it('a picture that is no longer on the phone says so', async () => {
    await outbox.send(picture('ridge')).catch((e: Error) => said.push(e.message))
    expect(said).toEqual(['The picture is no longer on this phone.'])
  })

  it('what another window wrote waits here too', async () => {
    await outbox.send(job('ridge'))
    stored.set('outbox', JSON.stringify([job('ridge'), job('bench')]))
    heard.get('storage')!({ key: 'theme' })
    expect(waits()).toEqual(['ridge'])
    heard.get('storage')!({ key: 'outbox' })
    expect(waits()).toEqual(['ridge', 'bench'])
  })
})
