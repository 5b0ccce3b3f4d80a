/**
 * Asks what a wish would bring, with the newest wish only: while one answer is awaited, later wishes
 * replace each other. A refusal of a wish that was given up meanwhile is of no interest.
 *
 * @param shown takes the answer and the wish it is of
 */
export function newestOnly<W extends object, A>(
  ask: (wish: W) => Promise<A>,
  shown: (answer: A, wish: W) => void,
): (wish: W) => Promise<void> {
  let next: W | null = null
  let asking = false
  return async (wish) => {
    next = wish
    if (asking) return
    asking = true
    try {
      while (next) {
        const now: W = next
        next = null
        try {
          shown(await ask(now), now)
        } catch (e) {
          if (!next) throw e
        }
      }
    } finally {
      asking = false
    }
  }
}
