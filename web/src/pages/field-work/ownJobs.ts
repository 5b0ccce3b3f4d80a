import type { Schemas } from '../../api/client'
import { sayDay } from '../../words/days'

type Job = Schemas['OwnJobView']
type Work = Pick<Schemas['WorkView'], 'today'> & {
  items: Pick<Schemas['ItemView'], 'job' | 'doer' | 'startOn'>[]
}

const kept = (job: Job, work: Work) => work.items.find((i) => i.job === `own:${job.id}`)

/** Where work stands: done, in the plan, over, or still to be laid out; and how good that is. */
export function stands(job: Job, work: Work): { said: string; tone: '' | 'good' | 'bad' } {
  if (job.doneOn) return { said: `done ${sayDay(job.doneOn)}`, tone: 'good' }
  const item = kept(job, work)
  if (item) return { said: `${item.doer}, ${sayDay(item.startOn)}`, tone: '' }
  return job.to < work.today
    ? { said: 'its days are over', tone: 'bad' }
    : { said: 'not laid out yet', tone: '' }
}

/** What is still of interest: all that is open, and what is done while its days or its plan last. */
export const listed = (jobs: Job[], work: Work) =>
  jobs.filter((j) => !j.doneOn || kept(j, work) || j.to >= work.today)
