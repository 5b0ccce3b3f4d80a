import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'

const server = vi.hoisted(() => ({ read: [] as string[], altered: [] as unknown[] }))
const ANSWERS: Record<string, unknown> = {
  '/api/session': { signedIn: true, demo: true, firstRun: false, name: 'Ann', units: 'us' },
  '/api/farms': [
    { id: 'f1', name: 'One', role: 'viewer' },
    { id: 'f2', name: 'Two', role: 'owner' },
  ],
  '/api/reference': {
    usual: [
      { key: 'machineSpeed', unit: 'KMH', us: 8.04672, metric: 8, of: 'speed' },
      { key: 'cattleHead', unit: 'COUNT', us: 40, metric: 40, of: 'cattle' },
    ],
  },
  '/api/farms/{farmId}/choices': { species: [], methods: [], endings: [], purposes: [], work: [] },
}
vi.mock('./farm/data', () => ({
  read: async (address: string) => {
    server.read.push(address)
    return ANSWERS[address]
  },
  alter: async (...what: unknown[]) => {
    server.altered.push(what)
  },
  forget: () => server.altered.push('forgotten'),
}))
vi.mock('./outbox', () => ({ flush: async () => server.altered.push('flushed') }))
const kept = new Map<string, string>()
vi.stubGlobal('localStorage', {
  getItem: (k: string) => kept.get(k) ?? null,
  setItem: (k: string, v: string) => kept.set(k, v),
})
vi.stubGlobal('window', {})

const { useSession } = await import('./session')

beforeEach(() => {
  setActivePinia(createPinia())
  server.read.length = 0
  server.altered.length = 0
  kept.clear()
})

it('what is usual is round in the reader’s units, and asked for once', async () => {
  const session = useSession()
  await session.load()
  expect(session.usual('machineSpeed')).toBe(8.04672)
  expect(session.amount(session.usual('machineSpeed'), 'KMH')).toBe('5.0 mph')
  await session.setUnits('metric')
  expect(session.usual('machineSpeed')).toBe(8)
  expect(session.usual('cattleHead')).toBe(40)
  await session.load()
  expect(server.read.filter((a) => a === '/api/reference')).toHaveLength(1)
})

it('rights are those of the farm that is picked, and the pick is kept', async () => {
  const session = useSession()
  await session.load()
  expect([session.owner, session.operator]).toEqual([false, false])
  session.pick('f2')
  expect(session.farm?.name).toBe('Two')
  expect([session.owner, session.operator]).toEqual([true, true])
  expect(kept.get('farm')).toBe('f2')
})

it('signing out sends what waits first, then forgets', async () => {
  const session = useSession()
  await session.load()
  await session.signOut()
  expect(server.altered[0]).toBe('flushed')
  expect(server.altered[1]).toEqual(['DELETE', '/api/session'])
  expect(server.altered[2]).toBe('forgotten')
})

it('who signs out leaves no page and no picture behind for the next', async () => {
  const dropped: string[] = []
  const caches = { delete: (name: string) => Promise.resolve(dropped.push(name) > 0) }
  vi.stubGlobal('window', { caches })
  vi.stubGlobal('caches', caches)
  await useSession().signOut()
  vi.stubGlobal('window', {})
  expect(server.altered[0]).toBe('flushed')
  expect(server.altered).toContain('forgotten')
  expect(dropped.sort()).toEqual(['api', 'pictures'])
})
