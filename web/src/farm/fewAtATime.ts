import { onScopeDispose, ref, shallowRef } from 'vue'

/** So many are asked for at first, and at most later: the first answers are there soon. */
const [FIRST, MOST] = [2, 16] as const

/**
 * Answers for many things, a few at a time: each is shown as it comes, the rest can be stopped, and
 * what is left is let go of with the page.
 *
 * @param ids of all that is to be answered, in the order in which they are wanted
 * @param ask for some of them
 */
export function useFewAtATime<A>(
  ids: () => string[],
  ask: (some: string[]) => Promise<A[]>,
  idOf: (answer: A) => string,
) {
  const answers = shallowRef(new Map<string, A>())
  /** What was asked for and answered, be it with nothing. */
  const done = shallowRef(new Set<string>())
  const running = ref(false)
  const trouble = ref('')
  let turn = 0

  async function go(which: string[]) {
    const mine = ++turn
    running.value = true
    trouble.value = ''
    let many: number = FIRST
    try {
      for (let left = which; left.length;) {
        const some = left.slice(0, many)
        const got = await ask(some)
        if (mine !== turn) return
        done.value = new Set([...done.value, ...some])
        const next = new Map(answers.value)
        got.forEach((a) => next.set(idOf(a), a))
        answers.value = next
        left = left.slice(many)
        many = Math.min(2 * many, MOST)
      }
    } catch (e) {
      if (mine === turn) trouble.value = e instanceof Error ? e.message : String(e)
    }
    if (mine === turn) running.value = false
  }
  const stop = () => {
    turn++
    running.value = false
  }
  onScopeDispose(stop)
  return {
    answers,
    done,
    running,
    trouble,
    stop,
    /** Those that are not answered yet. */
    goOn: () => go(ids().filter((id) => !done.value.has(id))),
    /** All of them, over what stands. */
    again: () => go(ids()),
  }
}
