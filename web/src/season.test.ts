import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import type { Furrow, PlanInput } from './api/client'

const asked = vi.hoisted(() => ({
  considered: [] as { body: unknown; come: (a: unknown) => void; fail: (e: Error) => void }[],
  altered: [] as { address: string; body: unknown }[],
  refused: '',
  placed: [] as { address: string; view: unknown }[],
}))
vi.mock('./farm/data', () => ({
  read: async () => ({ furrows: [] }),
  consider: (_address: string, { body }: { body: unknown }) =>
    new Promise((come, fail) => asked.considered.push({ body, come, fail })),
  alter: async (_method: string, address: string, options?: { body?: unknown }) => {
    asked.altered.push({ address, body: options?.body })
    if (asked.refused) throw new Error(asked.refused)
    return { what: 'move kept', furrows: [] }
  },
  place: async (address: string, view: unknown) => {
    asked.placed.push({ address, view })
  },
}))

const { useSeason } = await import('./season')
const { notice } = await import('./shell/notice')

const plan = (seedOn: string) => ({ seedOn }) as unknown as PlanInput
const furrow = (fieldId: string) => ({ fieldId, name: fieldId }) as unknown as Furrow
const settle = () => new Promise((r) => setTimeout(r))

beforeEach(() => {
  setActivePinia(createPinia())
  asked.considered.length = 0
  asked.altered.length = 0
  asked.placed.length = 0
  asked.refused = ''
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

/** Proposes a move of one field, of which a plan of version 3 is stored. */
async function moved(id: string) {
  const season = useSeason()
  const was = { ...furrow(id), plan: { version: 3 } } as unknown as Furrow
  void season.propose(was, plan('2026-09-20'))
  await settle()
  asked.considered.at(-1)!.come({ furrow: was, changes: [] })
  await settle()
  return season
}

it('an answer that comes after the move was dropped shows nothing', async () => {
  const season = useSeason()
  void season.propose(furrow('creek'), plan('2026-09-20'))
  await settle()
  season.drop('creek')
  asked.considered[0]!.come({ furrow: furrow('creek'), changes: [] })
  await settle()
  expect(season.proposed).toBe(0)
})

it('a move is kept with the version it was made on, and the season that comes back is shown', async () => {
  const season = await moved('creek')
  await season.keep('creek')
  expect(asked.altered).toEqual([
    {
      address: '/api/farms/{farmId}/plans',
      body: {
        what: 'move kept',
        plans: [{ fieldId: 'creek', plan: plan('2026-09-20'), version: 3 }],
      },
    },
  ])
  expect(asked.placed.map((p) => p.address)).toEqual(['/api/farms/{farmId}/season'])
  expect(season.proposed).toBe(0)
})

it('what is refused stays proposed', async () => {
  const season = await moved('creek')
  asked.refused = 'Someone else changed it.'
  await expect(season.keep()).rejects.toThrow('Someone else changed it.')
  expect(season.proposed).toBe(1)
})

it('undo drops what was proposed and says what was undone', async () => {
  const season = await moved('creek')
  await season.undo()
  expect(asked.altered[0]!.address).toBe('/api/farms/{farmId}/plans/undo')
  expect(season.proposed).toBe(0)
  expect(notice.text).toBe('Undone: move kept.')
})
