/** Kinds of jobs as they are said. */
const JOB_KIND: Record<string, string> = {
  harvest: 'combine',
  seed: 'seed',
  end: 'end the cover',
  second: 'second pass',
  plant: 'plant',
}

/** What kind of job; looks are named with what is looked at. */
export const jobKind = (kind: string) =>
  kind.startsWith('look:') ? 'look' : (JOB_KIND[kind] ?? kind)
