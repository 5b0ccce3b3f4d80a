import { computed, inject, provide, type ComputedRef, type InjectionKey } from 'vue'
import type { Job } from '../../furrow/jobBars'
import { useRead } from '../../farm/data'

const JOBS: InjectionKey<ComputedRef<Map<string, Job[]>>> = Symbol('jobs')
const NONE: Job[] = []

/** Lets the rows of a page draw the jobs that are laid out on their fields, while they are to be seen. */
export function provideJobs(seen: () => boolean) {
  const { data } = useRead('/api/farms/{farmId}/field-work', () => (seen() ? {} : null))
  provide(
    JOBS,
    computed(() => {
      const jobs = new Map<string, Job[]>()
      if (seen())
        for (const job of data.value?.items ?? [])
          jobs.set(job.fieldId, [...(jobs.get(job.fieldId) ?? []), job])
      return jobs
    }),
  )
}

/** The jobs a row draws. */
export function useJobs(row: { furrow: { fieldId: string } }) {
  const jobs = inject(JOBS, undefined)
  return computed(() => jobs?.value.get(row.furrow.fieldId) ?? NONE)
}
