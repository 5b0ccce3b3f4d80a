import { beforeEach, describe, expect, it, vi } from 'vitest'

vi.mock('../api/client', () => ({
  refusal: (status: number, body: { detail: string; errors: unknown[] }) =>
    Object.assign(new Error(body.detail), { status, errors: body.errors }),
}))

interface Question {
  id: number
  name: string
  args: unknown[]
}
class FakeWorker {
  static made: FakeWorker[] = []
  asked: Question[] = []
  onmessage: ((m: { data: unknown }) => void) | undefined
  onerror: ((e: { message: string }) => void) | undefined
  constructor() {
    FakeWorker.made.push(this)
  }
  postMessage(q: Question) {
    this.asked.push(q)
  }
  say(id: number, rest: object) {
    this.onmessage?.({ data: { id, ...rest } })
  }
}

let ask: typeof import('./ask')
beforeEach(async () => {
  FakeWorker.made = []
  vi.resetModules()
  vi.stubGlobal('Worker', FakeWorker)
  ask = await import('./ask')
})
const there = () => Promise.resolve('from the server')

describe('what is asked of the core on the phone', () => {
  it('is answered each by its own, whatever the order', async () => {
    const a = ask.askHere('kill', [1])
    const b = ask.askHere('stand', [2])
    const [worker] = FakeWorker.made
    expect(FakeWorker.made).toHaveLength(1)
    expect(worker!.asked.map((q) => [q.name, q.args])).toEqual([
      ['kill', [1]],
      ['stand', [2]],
    ])
    worker!.say(worker!.asked[1]!.id, { answer: { frames: 4 } })
    worker!.say(worker!.asked[0]!.id, { answer: { kill: 0.9 } })
    expect(await a).toEqual({ kill: 0.9 })
    expect(await b).toEqual({ frames: 4 })
  })

  it('is refused in the words of the core, and the server is not asked for others', async () => {
    const server = vi.fn(there)
    const asked = ask.hereOrThere('stand', [], server)
    FakeWorker.made[0]!.say(1, {
      answer: { refused: 'Count at least one frame.', where: 'counts' },
    })
    await expect(asked).rejects.toMatchObject({
      message: 'Count at least one frame.',
      status: 422,
      errors: [{ path: 'counts', message: 'Count at least one frame.' }],
    })
    expect(server).not.toHaveBeenCalled()
  })

  it('goes to the server where the module cannot be had', async () => {
    const asked = ask.hereOrThere('kill', [], there)
    FakeWorker.made[0]!.say(1, { broken: 'TypeError: failed to fetch' })
    expect(await asked).toBe('from the server')
  })

  it('begins anew after what could not begin', async () => {
    const asked = ask.hereOrThere('kill', [], there)
    FakeWorker.made[0]!.onerror?.({ message: 'blocked' })
    expect(await asked).toBe('from the server')
    const again = ask.askHere('kill', [])
    expect(FakeWorker.made).toHaveLength(2)
    FakeWorker.made[1]!.say(2, { answer: 'here' })
    expect(await again).toBe('here')
  })

  it('goes to the server where there are no workers', async () => {
    vi.stubGlobal('Worker', function () {
      throw new Error('no workers here')
    })
    expect(await ask.hereOrThere('kill', [], there)).toBe('from the server')
  })
})
