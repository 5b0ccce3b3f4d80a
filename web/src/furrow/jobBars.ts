import type { Schemas } from '../api/client'
import { plus, sayDay } from '../words/days'
import { x, type DayScale } from './scale'

export type Job = Schemas['ItemView']

/** A job as it lies along a furrow. */
export interface JobBar {
  id: string
  left: number
  width: number
  /** What of it is done. */
  done: number
  lane: number
  name: string
  /** Whether its name stands before it: behind it there is no room. */
  before: boolean
  said: string
}

/** The least that is drawn of a job, and what its name takes beside it, px. */
const [LEAST, LETTER] = [5, 6] as const

/** A job with who does it, once where the one says the other: “Spreader drones”, not “drone, Spreader drones”. */
export const byWhom = ({ label, doer }: Pick<Job, 'label' | 'doer'>) =>
  doer.toLowerCase().includes(label.toLowerCase()) ? doer : `${label}, ${doer}`

const daysOf = (j: Job) =>
  j.startOn === j.finishOn ? sayDay(j.startOn) : `${sayDay(j.startOn)} to ${sayDay(j.finishOn)}`

/** The jobs of a field that are in sight, each on the first lane where it and its name have room. */
export function jobBars(jobs: readonly Job[], scale: DayScale): JobBar[] {
  const lanes: number[] = []
  return [...jobs]
    .sort((a, b) => a.startOn.localeCompare(b.startOn))
    .flatMap((job) => {
      const left = x(scale, job.startOn)
      const width = Math.max(LEAST, x(scale, plus(job.finishOn, 1)) - left)
      if (left + width <= 0 || left >= scale.width) return []
      const free = lanes.findIndex((end) => end <= left)
      const lane = free < 0 ? lanes.length : free
      const name = LETTER * (job.label.length + 1)
      lanes[lane] = left + width + name
      return [
        {
          id: job.id,
          left,
          width,
          done: width * job.shareDone,
          lane,
          name: job.label,
          before: left + width + name > scale.width,
          said: `${byWhom(job)}, ${daysOf(job)}${job.shareDone >= 1 ? ', done' : ''}`,
        },
      ]
    })
}
