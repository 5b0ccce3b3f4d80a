import type { Furrow } from '../api/client'

/** A mark on the furrow: seeding, ending, or the next crop's planting. */
export interface Mark {
  id: 'seed' | 'end' | 'plant'
  day: string
  kind: string
  label: string
  movable: boolean
  done: boolean
  /** Its day has passed without a word: it counts as done, or as not done. */
  unsaid?: 'likely' | 'open'
}

type Deed = Furrow['deeds'][number]
const stateOf = (furrow: Furrow, deed: string) => furrow.deeds.find((d) => d.deed === deed)

function unsaid(deed?: Deed): Mark['unsaid'] {
  if (deed?.state === 'LIKELY') return 'likely'
  return deed?.state === 'OVERDUE' || deed?.state === 'TOO_LATE' ? 'open' : undefined
}

/** The harvest where it is over, for sure or likely. */
export function harvested(furrow: Furrow): Deed | undefined {
  const harvest = stateOf(furrow, 'harvested')
  return harvest && (harvest.state === 'LIKELY' || harvest.state === 'LOGGED') ? harvest : undefined
}

/** The day the cover is seeded: as logged, else as planned. */
export const seedDay = (furrow: Furrow) => furrow.seededOn ?? furrow.plan?.plan.seedOn

/** The day the cover is ended: as logged, else as planned. */
export const endDay = (furrow: Furrow) => furrow.endedOn ?? furrow.plan?.plan.endOn

/**
 * The marks of a furrow.
 *
 * @param movable whether the reader may move what is not done yet
 * @param ofItself whether an ending comes of itself, so that nobody is asked about it
 */
export function marksOf(
  furrow: Furrow,
  movable: boolean,
  ofItself: (ending: string) => boolean,
): Mark[] {
  const planted = stateOf(furrow, 'planted')
  const marks: Mark[] = [
    {
      id: 'plant',
      day: planted?.day ?? furrow.nextPlantOn,
      kind: 'plant',
      label: 'Planting ' + furrow.nextCrop,
      movable: false,
      done: planted?.state === 'LOGGED',
      unsaid: unsaid(planted),
    },
  ]
  const plan = furrow.plan?.plan
  const [seed, end] = [seedDay(furrow), endDay(furrow)]
  if (plan && seed) {
    marks.push({
      id: 'seed',
      day: seed,
      kind: plan.method,
      label: 'Seeding',
      movable: movable && !furrow.seededOn,
      done: !!furrow.seededOn,
      unsaid: unsaid(stateOf(furrow, 'seeded')),
    })
  }
  // What was never seeded has nothing to end.
  if (plan && end && (stateOf(furrow, 'ended') || !stateOf(furrow, 'seeded'))) {
    marks.push({
      id: 'end',
      day: end,
      kind: plan.ending,
      label: 'Ending',
      movable: movable && !furrow.endedOn,
      done: !!furrow.endedOn,
      unsaid: ofItself(plan.ending) ? undefined : unsaid(stateOf(furrow, 'ended')),
    })
  }
  return marks
}
