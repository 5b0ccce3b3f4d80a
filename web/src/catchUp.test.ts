import { beforeEach, expect, it, vi } from 'vitest'

const server = vi.hoisted(() => ({
  calls: [] as { method: string; path: unknown; body: unknown }[],
  placed: [] as unknown[],
}))
vi.mock('./farm/data', () => ({
  useRead: () => undefined,
  place: async (address: string, answer: unknown) => {
    server.placed.push([address, answer])
  },
  alter: async (method: string, _address: string, o: { path: unknown; body?: unknown }) => {
    server.calls.push({ method, path: o.path, body: o.body })
    return { entries: ['e1', 'e2'], fields: [], left: [] }
  },
}))
const { answer } = await import('./catchUp')

beforeEach(() => (server.calls.length = 0))

it('what was said is taken back entry by entry, and what was not done is open again', async () => {
  const back = await answer([
    { fieldId: 'a', deed: 'harvested', said: 'asPlanned' },
    { fieldId: 'b', deed: 'seeded', said: 'notDone' },
    { fieldId: 'c', deed: 'planted', said: 'onDay', day: '2026-05-02' },
    { fieldId: 'd', deed: 'seeded', said: 'partly', share: 0.5 },
  ])
  expect(server.placed).toEqual([['/api/farms/{farmId}/catch-up', []]])
  server.calls.length = 0
  await back()
  expect(server.calls.slice(0, 2).map((c) => [c.method, c.path])).toEqual([
    ['DELETE', { fieldId: 'a', entryId: 'e1' }],
    ['DELETE', { fieldId: 'c', entryId: 'e2' }],
  ])
  expect(server.calls[2]!.body).toEqual({
    answers: [
      { fieldId: 'b', deed: 'seeded', said: 'open' },
      { fieldId: 'd', deed: 'seeded', said: 'open' },
    ],
  })
})

it('where all was done nothing is opened again', async () => {
  const back = await answer([{ fieldId: 'a', deed: 'harvested', said: 'asPlanned' }])
  server.calls.length = 0
  await back()
  expect(server.calls.filter((c) => c.method === 'POST')).toEqual([])
})
