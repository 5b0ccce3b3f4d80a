import { useSession } from '../session'
import { notice } from '../shell/notice'
import { readNumber } from '../words/numbers'
import { toSi, type Unit } from '../words/units'

/** Reads what was typed into a field once it is finished: SI, or nothing and a sentence below. */
export function useTyped() {
  const session = useSession()
  return (e: Event, unit: Unit): number | undefined => {
    const read = readNumber((e.target as HTMLInputElement).value, session.units)
    if (read.problem) notice.show(read.problem)
    return read.value === undefined ? undefined : toSi(read.value, unit, session.units)
  }
}
