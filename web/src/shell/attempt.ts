import { Refusal } from '../api/client'
import { notice } from './notice'

/**
 * Does something for the grower. The one place where what the server refuses is said: at the bottom of
 * the page, with what stood before still there.
 *
 * @param onRefusal takes the refusal where a form shows it beside its fields; then nothing is said below
 * @returns what the work gave, or nothing when it was refused
 */
export async function attempt<T>(
  work: () => Promise<T>,
  onRefusal?: (refusal: Refusal) => void,
): Promise<T | undefined> {
  try {
    return await work()
  } catch (e) {
    if (onRefusal && e instanceof Refusal) onRefusal(e)
    else notice.show((e as Error).message)
    return undefined
  }
}
