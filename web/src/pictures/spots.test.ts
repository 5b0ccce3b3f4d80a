import { describe, expect, it } from 'vitest'
import { beside, besides, inOrder, type Picture } from './spots'

const picture = (id: string, takenOn: string, spot: number): Picture => ({
  id,
  entryId: `entry of ${id}`,
  kind: 'note',
  takenOn,
  spot,
  width: 4,
  height: 3,
})
const stake = picture('stake', '2026-09-20', 0)
const october = picture('october', '2026-10-11', 0)
const may = picture('may', '2027-05-02', 0)
const gate = picture('gate', '2026-10-30', 1)
const nowhere = picture('nowhere', '2026-11-01', -1)
const somewhere = picture('somewhere', '2026-11-02', -1)
const all = [stake, october, gate, nowhere, somewhere, may]
const ids = (some: Picture[]) => some.map((p) => p.id)

describe('two days side by side', () => {
  it('are of one spot where one is known', () => {
    expect(ids(besides(all, october))).toEqual(['stake', 'may'])
  })

  it('are any of the field where no other shows the spot', () => {
    expect(ids(besides(all, gate))).toEqual(['stake', 'october', 'nowhere', 'somewhere', 'may'])
    expect(ids(besides(all, nowhere))).not.toContain('nowhere')
  })

  it('begin with the day farthest away, never with another spot', () => {
    expect(beside(all, october)?.id).toBe('may')
    expect(beside(all, may)?.id).toBe('stake')
    expect(beside(all, gate)).toBeUndefined()
    expect(beside(all, nowhere)).toBeUndefined()
  })

  it('stand in the order of their days', () => {
    expect(ids(inOrder(may, stake))).toEqual(['stake', 'may'])
    expect(ids(inOrder(stake, may))).toEqual(['stake', 'may'])
  })
})
