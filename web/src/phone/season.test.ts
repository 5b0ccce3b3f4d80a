import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { FieldSeason, PlanInput } from '../api/client'

const read = vi.fn()
const askHere = vi.fn()
vi.mock('../farm/data', () => ({ read }))
vi.mock('./ask', () => ({ askHere, keeping: () => Promise.resolve() }))

const plan = { method: 'drill', ending: 'roll', seedOn: '2026-10-01', endOn: '2027-05-10' }
const stored = {
  field: { id: 'f' },
  changes: [],
  furrow: { fieldId: 'f', plan: { id: 'p', plan } },
} as unknown as FieldSeason
const later = { ...plan, endOn: '2027-05-20' } as unknown as PlanInput
const changes = [{ text: 'ended {days} later', figures: {} }]

let here: typeof import('./season')
let stamp: string
beforeEach(async () => {
  vi.resetModules()
  stamp = 'day one'
  read
    .mockReset()
    .mockImplementation((address: string) =>
      Promise.resolve(address.includes('/fields/') ? { stamp, season: {} } : { stamp, past: {} }),
    )
  askHere.mockReset().mockImplementation(() => Promise.resolve({ changes }))
  here = await import('./season')
})
const asked = () => askHere.mock.calls.map((c) => c[0] as string)

describe("a field's days tried on the phone", () => {
  it('answers what changes, with the plan as it is tried', async () => {
    const got = await here.triedHere(stored, later)
    expect(got?.changes).toBe(changes)
    expect(got?.furrow.plan?.plan).toBe(later)
    expect(askHere).toHaveBeenLastCalledWith('tried', [
      { stamp, season: {} },
      '2026-10-01',
      '2027-05-20',
    ])
  })
  it('reads the weather once, and again when it is of another day', async () => {
    await here.triedHere(stored, later)
    await here.triedHere(stored, later)
    expect(asked()).toEqual(['sky', 'tried', 'tried'])
    stamp = 'day two'
    await here.triedHere(stored, later)
    expect(asked().slice(3)).toEqual(['sky', 'tried'])
  })
  it('reads it again after the module was lost', async () => {
    await here.triedHere(stored, later)
    askHere.mockRejectedValueOnce(new Error('gone'))
    expect(await here.triedHere(stored, later)).toBeUndefined()
    await here.triedHere(stored, later)
    expect(asked().slice(3)).toEqual(['sky', 'tried'])
  })
  it('leaves another way to the server', async () => {
    const other = { ...later, ending: 'mow' } as unknown as PlanInput
    expect(await here.triedHere(stored, other)).toBeUndefined()
    expect(askHere).not.toHaveBeenCalled()
  })
  it('says nothing of a field that a phone does not reckon', async () => {
    read.mockResolvedValue({ stamp, why: 'A cover behind another one.' })
    expect(await here.triedHere(stored, later)).toBeUndefined()
    expect(askHere).not.toHaveBeenCalled()
  })
})

describe('taking along', () => {
  it('brings the weather once for all fields', async () => {
    await here.takeAlong('f')
    await here.takeAlong('g')
    const brought = read.mock.calls.map((c) => c[0] as string)
    expect(brought.filter((a) => a.endsWith('{farmId}/pocket'))).toHaveLength(1)
    expect(brought).toHaveLength(3)
  })
})
