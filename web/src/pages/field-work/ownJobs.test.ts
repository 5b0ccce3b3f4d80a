import { expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { listed, stands } from './ownJobs'

const job = (more: Partial<Schemas['OwnJobView']> = {}): Schemas['OwnJobView'] => ({
  id: 'a',
  fieldId: 'f',
  work: 'hay',
  words: '',
  from: '2026-09-10',
  to: '2026-09-20',
  ...more,
})
const work = (today: string, planned = false) => ({
  today,
  items: planned ? [{ job: 'own:a', doer: 'Disk', startOn: '2026-09-15' }] : [],
})

it('says where work stands', () => {
  expect(stands(job(), work('2026-09-20'))).toEqual({ said: 'not laid out yet', tone: '' })
  expect(stands(job(), work('2026-09-21'))).toEqual({ said: 'its days are over', tone: 'bad' })
  expect(stands(job(), work('2026-09-21', true))).toEqual({ said: 'Disk, 15 Sep', tone: '' })
  const done = job({ doneOn: '2026-09-14' })
  expect(stands(done, work('2026-09-21', true))).toEqual({ said: 'done 14 Sep', tone: 'good' })
  expect(stands(job({ id: 'b' }), work('2026-09-12', true)).said).toBe('not laid out yet')
})

it('lists what is open for as long as it is, and what is done while its days last', () => {
  const done = job({ doneOn: '2026-09-14' })
  expect(listed([job()], work('2027-01-01'))).toHaveLength(1)
  expect(listed([done], work('2026-09-20'))).toHaveLength(1)
  expect(listed([done], work('2026-09-21'))).toHaveLength(0)
  expect(listed([done], work('2026-09-21', true))).toHaveLength(1)
})
