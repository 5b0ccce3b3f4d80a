import type { Schemas } from '../api/client'

/** Kinds of jobs as they are said. */
const JOB_KIND: Record<Schemas['ItemView']['kind'], string> = {
  harvest: 'combine',
  seed: 'seed',
  end: 'end the cover',
  second: 'second pass',
  plant: 'plant',
  look: 'look',
  own: 'other work',
}

/** What kind of job. */
export const jobKind = (kind: Schemas['ItemView']['kind']) => JOB_KIND[kind]
