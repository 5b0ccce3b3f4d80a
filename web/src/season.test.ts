import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import type { Furrow, PlanInput } from './api/client'

const asked = vi.hoisted(() => ({
  considered: [] as { body: unknown; come: (a: unknown) => void; fail: (e: Error) => void }[],
  altered: [] as { address: string; body: unknown }[],
}))
vi.mock('./farm/data', () => ({
  read: async () => ({ furrows: [] }),
  consider: (_address: string, { body }: { body: unknown }) =>
    new Promise((come, fail) => asked.considered.push({ body, come, fail })),
  alter: async (_method: string, address: string, options?: { body?: unknown }) => {
    asked.altered.push({ address, body: options?.body })
    return { undone: 'move kept' }
  },
  forget: () => undefined,
}))
vi.mock('./outbox', () => ({ flush: async () => undefined }))
vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => undefined })

const { useSeason } = await import('./season')

const plan = (seedOn: string) => ({ seedOn }) as unknown as PlanInput
const furrow = (fieldId: string) => ({ fieldId, name: fieldId }) as unknown as Furrow
const settle = () => new Promise((r) => setTimeout(r))

beforeEach(() => {
  setActivePinia(createPinia())
  asked.considered.length = 0
  asked.altered.length = 0
})

it('shows a proposed furrow until it is dropped', async () => {
  const season = useSeason()
  const was = furrow('creek')
  void season.propose(was, plan('2026-09-20'))
  await settle()
  asked.considered[0]!.come({ furrow: { ...was, name: 'moved' }, changes: [] })
  await settle()
  expect(season.shown(was).name).toBe('moved')
  expect(season.proposed).toBe(1)
  season.drop('creek')
  expect(season.shown(was).name).toBe('creek')
  expect(season.proposed).toBe(0)
})

it('while one answer is awaited only the newest wish is kept', async () => {
  const season = useSeason()
  const was = furrow('creek')
  void season.propose(was, plan('2026-09-20'))
  await settle()
  void season.propose(was, plan('2026-09-21'))
  void season.propose(was, plan('2026-09-22'))
  await settle()
  expect(asked.considered).toHaveLength(1)
  asked.considered[0]!.come({ furrow: was, changes: [] })
  await settle()
  expect(asked.considered.map((a) => (a.body as PlanInput).seedOn)).toEqual([
    '2026-09-20',
    '2026-09-22',
  ])
  asked.considered[1]!.come({ furrow: was, changes: [] })
  await settle()
  expect(asked.considered).toHaveLength(2)
})

it('a refused wish does not stop the next one', async () => {
  const season = useSeason()
  const was = furrow('creek')
  const first = season.propose(was, plan('2026-09-20'))
  await settle()
  asked.considered[0]!.fail(new Error('outside the season'))
  await expect(first).rejects.toThrow('outside the season')
  void season.propose(was, plan('2026-09-21'))
  await settle()
  expect(asked.considered).toHaveLength(2)
})

it('all proposals are dropped at once', async () => {
  const season = useSeason()
  for (const id of ['creek', 'cedar']) {
    void season.propose(furrow(id), plan('2026-09-20'))
    await settle()
    asked.considered.at(-1)!.come({ furrow: furrow(id), changes: [] })
    await settle()
  }
  expect(season.proposed).toBe(2)
  season.drop()
  expect(season.proposed).toBe(0)
})
