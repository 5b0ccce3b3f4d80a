import { environmentManager, focusManager, VueQueryPlugin } from '@tanstack/vue-query'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createApp, effectScope, nextTick, ref, type EffectScope } from 'vue'
import {
  alter,
  atOnce,
  consider,
  forget,
  kept,
  keyOf,
  place,
  read,
  sentOtherwise,
  useRead,
} from './data'
import { farmIs, linkLooked, looked, seasonLooked } from './now'

/** A server of one answer an address, with what it was asked. */
const server = vi.hoisted(() => {
  const asked: { method: string; address: string; options: Record<string, unknown> }[] = []
  const answers = new Map<string, () => unknown>()
  const say = (method: string) => async (address: string, options: Record<string, unknown>) => {
    asked.push({ method, address, options })
    const answer = answers.get(`${method} ${address}`)
    if (!answer) throw new Error('the server refuses ' + address)
    return answer()
  }
  return { asked, answers, say }
})

vi.mock('../api/client', () => ({
  api: {
    GET: server.say('GET'),
    POST: server.say('POST'),
    PUT: server.say('PUT'),
    DELETE: server.say('DELETE'),
  },
  ask: (answer: Promise<unknown>) => answer,
  sendFile: vi.fn(),
}))

const CREW = '/api/farms/{farmId}/crew'
const LOTS = '/api/farms/{farmId}/seed/lots'
const LOT = '/api/farms/{farmId}/seed/lots/{lotId}'
const app = createApp({}).use(VueQueryPlugin, { queryClient: kept })

function looking<T>(look: () => T): { shown: T; scope: EffectScope } {
  const scope = effectScope()
  const shown = app.runWithContext(() => scope.run(look)!)
  return { shown, scope }
}
const settled = () => vi.waitFor(() => expect(kept.isFetching()).toBe(0))

beforeEach(() => {
  kept.clear()
  server.asked.length = 0
  server.answers.clear()
  farmIs(() => 'home')
})

describe('read', () => {
  it('asks of the farm that is open, unless another is named', async () => {
    server.answers.set('GET ' + CREW, () => [])
    await read(CREW)
    await read(CREW, { path: { farmId: 'theirs' } })
    expect(server.asked.map((a) => a.options.params)).toEqual([
      { path: { farmId: 'home' }, query: {} },
      { path: { farmId: 'theirs' }, query: {} },
    ])
  })
  it('fetches what two ask at once only once, and anew for who asks later', async () => {
    let n = 0
    server.answers.set('GET ' + CREW, () => [++n])
    expect(await Promise.all([read(CREW), read(CREW)])).toEqual([[1], [1]])
    expect(await read(CREW)).toEqual([2])
  })
  it('passes a refusal on', async () => {
    await expect(read(LOTS)).rejects.toThrow('refuses')
  })
  it('answers what is so after a change that came in between', async () => {
    let lots = ['before']
    let release: () => void = () => {}
    const held = new Promise<void>((r) => (release = r))
    server.answers.set('GET ' + LOTS, async () => {
      const then = lots
      if (then[0] === 'before') await held
      return then
    })
    server.answers.set('PUT ' + LOT, () => {
      lots = ['after']
    })
    const reading = read(LOTS)
    await alter('PUT', LOT, { path: { lotId: 'a' }, body: {} as never })
    release()
    expect(await reading).toEqual(['after'])
  })
})

describe('keyOf', () => {
  it('keeps farms, addresses and questions apart', () => {
    const keys = [
      keyOf(CREW),
      keyOf(CREW, { path: { farmId: 'theirs' } }),
      keyOf(LOTS),
      keyOf(LOTS, { query: { allowance: 0.05 } }),
      keyOf(LOT, { path: { lotId: 'a' } }),
      keyOf(LOT, { path: { lotId: 'b' } }),
    ].map((k) => JSON.stringify(k))
    expect(new Set(keys).size).toBe(keys.length)
  })
  it('names the farm that is open the same, said or not', () => {
    expect(keyOf(CREW)).toEqual(keyOf(CREW, { path: { farmId: 'home' } }))
  })
})

describe('useRead', () => {
  it('shows what is there, and asks again when the farm is changed', async () => {
    let n = 0
    server.answers.set('GET ' + LOTS, () => [++n])
    server.answers.set('PUT ' + LOT, () => ({}))
    const { shown, scope } = looking(() => useRead(LOTS))
    expect(shown.data.value).toBeUndefined()
    await settled()
    expect(shown.data.value).toEqual([1])
    await alter('PUT', LOT, { path: { lotId: 'a' }, body: {} as never })
    await settled()
    expect(shown.data.value).toEqual([2])
    scope.stop()
    await alter('PUT', LOT, { path: { lotId: 'a' }, body: {} as never })
    await settled()
    expect(n).toBe(2)
  })
  it('is left alone by a question and by a change on another farm', async () => {
    let n = 0
    server.answers.set('GET ' + LOTS, () => [++n])
    server.answers.set('POST /api/bench/kill', () => ({}))
    server.answers.set('PUT ' + LOT, () => ({}))
    const { scope } = looking(() => useRead(LOTS))
    await settled()
    await consider('/api/bench/kill', { body: {} as never })
    await alter('PUT', LOT, { path: { farmId: 'theirs', lotId: 'a' }, body: {} as never })
    await settled()
    expect(n).toBe(1)
    scope.stop()
  })
  it('shows what went out by another way, and nothing to who comes after', async () => {
    let n = 0
    server.answers.set('GET ' + LOTS, () => [++n])
    const { shown, scope } = looking(() => useRead(LOTS))
    await settled()
    await sentOtherwise()
    await settled()
    expect(shown.data.value).toEqual([2])
    scope.stop()
    forget()
    const after = looking(() => useRead(LOTS))
    expect(after.shown.data.value).toBeUndefined()
    after.scope.stop()
  })
  it('says why there is nothing', async () => {
    const { shown, scope } = looking(() => useRead(LOTS))
    await settled()
    expect(shown.trouble.value).toContain('refuses')
    scope.stop()
  })
  it('waits until it knows what to ask, and follows it', async () => {
    server.answers.set('GET ' + LOTS, () => ['lots'])
    const wanted = ref<Record<string, never> | null>(null)
    const { shown, scope } = looking(() => useRead(LOTS, wanted))
    await settled()
    expect(server.asked).toHaveLength(0)
    wanted.value = {}
    await nextTick()
    await settled()
    expect(shown.data.value).toEqual(['lots'])
    scope.stop()
  })
  it('keeps what it shows while the same is asked differently, and only then', async () => {
    const NEEDS = '/api/farms/{farmId}/seed/needs'
    const WATCH = '/api/farms/{farmId}/fields/{fieldId}/watch'
    let n = 0
    server.answers.set('GET ' + NEEDS, () => [++n])
    server.answers.set('GET ' + WATCH, () => [++n])
    const allowance = ref(0.05)
    const field = ref('a')
    const { shown, scope } = looking(() => ({
      needs: useRead(NEEDS, () => ({ query: { allowance: allowance.value } })),
      watch: useRead(WATCH, () => ({ path: { fieldId: field.value } })),
    }))
    await settled()
    const before = shown.needs.data.value
    expect(before).toHaveLength(1)
    allowance.value = 0.1
    field.value = 'b'
    await nextTick()
    expect(shown.needs.data.value).toEqual(before)
    expect(shown.watch.data.value).toBeUndefined()
    await settled()
    expect(shown.needs.data.value).not.toEqual(before)
    scope.stop()
  })
})

describe('every', () => {
  it('is asked again by itself, as often as what came says, while somebody looks', async () => {
    let n = 0
    server.answers.set('GET ' + CREW, () => [String(++n)])
    const every = (now?: unknown) => ((now as string[] | undefined)?.[0] === '1' ? 5 : 1e9)
    // Servers do not ask by themselves, and the tests run outside a browser.
    environmentManager.setIsServer(() => false)
    focusManager.setFocused(true)
    const { shown, scope } = looking(() => useRead(CREW, {}, every))
    await vi.waitFor(() => expect(shown.data.value).toEqual(['2']))
    await new Promise((r) => setTimeout(r, 30))
    expect(n).toBe(2)
    scope.stop()
    focusManager.setFocused(undefined)
    environmentManager.setIsServer(() => true)
  })
})

describe('place', () => {
  it('shows an answer that came with a change, and does not ask for it again', async () => {
    server.answers.set('GET ' + CREW, () => ['Ann'])
    server.answers.set('PUT ' + LOT, () => ['Ann', 'Bo'])
    const { shown, scope } = looking(() => useRead(CREW))
    await settled()
    const answer = await alter('PUT', LOT, { path: { lotId: '1' }, body: {} as never })
    await place(CREW, answer as never)
    await settled()
    expect(shown.data.value).toEqual(['Ann', 'Bo'])
    expect(kept.getQueryState(keyOf(CREW))?.isInvalidated).toBe(false)
    scope.stop()
  })
})

describe('at once', () => {
  const gone = (was: unknown) => (was as string[]).filter((n) => n !== 'Bo') as never

  it('is on the screen before the server has answered', async () => {
    server.answers.set('GET ' + CREW, () => ['Ann', 'Bo'])
    const { shown, scope } = looking(() => useRead(CREW))
    await settled()
    let answer: (said: string) => void = () => undefined
    const done = atOnce(CREW, {}, gone, () => new Promise<string>((a) => (answer = a)))
    await vi.waitFor(() => expect(shown.data.value).toEqual(['Ann']))
    answer('yes')
    expect(await done).toBe('yes')
    scope.stop()
  })
  it('is taken back when the server refuses', async () => {
    server.answers.set('GET ' + CREW, () => ['Ann', 'Bo'])
    const { shown, scope } = looking(() => useRead(CREW))
    await settled()
    await expect(atOnce(CREW, {}, gone, () => Promise.reject(new Error('no')))).rejects.toThrow(
      'no',
    )
    expect(shown.data.value).toEqual(['Ann', 'Bo'])
    scope.stop()
  })
  it('stays on the screen when another change asks for everything anew meanwhile', async () => {
    let crew = ['Ann', 'Bo']
    server.answers.set('GET ' + CREW, () => crew)
    server.answers.set('PUT ' + LOT, () => ({}))
    const { shown, scope } = looking(() => useRead(CREW))
    await settled()
    let answer: () => void = () => undefined
    const change = () =>
      new Promise<void>((a) => {
        answer = () => {
          crew = ['Ann', 'Cy']
          a()
        }
      })
    const done = atOnce(CREW, {}, gone, change)
    await vi.waitFor(() => expect(shown.data.value).toEqual(['Ann']))
    await alter('PUT', LOT, { path: { lotId: 'a' }, body: {} as never })
    await settled()
    expect(shown.data.value).toEqual(['Ann'])
    answer()
    await done
    await vi.waitFor(() => expect(shown.data.value).toEqual(['Ann', 'Cy']))
    scope.stop()
  })
  it('changes nothing that nobody has looked at', async () => {
    await atOnce(CREW, {}, gone, () => Promise.resolve())
    expect(kept.getQueryData(keyOf(CREW))).toBeUndefined()
  })
})

it('what is looked at goes with each request of a farm, and is kept apart', async () => {
  server.answers.set(`GET ${CREW}`, () => [])
  seasonLooked.value = 2025
  linkLooked.value = 'rye'
  try {
    await read(CREW)
    expect(server.asked.at(-1)?.options).toMatchObject({ params: { query: { season: 2025 } } })
    expect(keyOf(CREW)).not.toEqual(['home', CREW, { farmId: undefined }, {}])
    expect(looked('/api/farms/{farmId}/fields/{fieldId}/season')).toEqual({
      season: 2025,
      link: 'rye',
    })
    expect(looked('/api/farms')).toEqual({})
  } finally {
    seasonLooked.value = null
    linkLooked.value = null
  }
  expect(keyOf(CREW)).toEqual(['home', CREW, { farmId: undefined }, {}])
})
