/** Kinds of jobs as they are said. */
export const JOB_KIND: Record<string, string> = {
  harvest: 'combine',
  seed: 'seed',
  end: 'end the cover',
  plant: 'plant',
}
