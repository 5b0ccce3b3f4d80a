import { useSessionStorage } from '@vueuse/core'
import { computed } from 'vue'
import { alter, consider, place, useRead } from '../../farm/data'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'

/** While it runs it is looked at often; after that now and then, since it may begin by itself. */
const [OFTEN, NOW_AND_THEN] = [500, 15_000] as const
const RUN = '/api/farms/{farmId}/field-work/run'
const WORK = '/api/farms/{farmId}/field-work'
const isActive = (state?: string) => state === 'waiting' || state === 'running'

/** The laying out of the work: asked for, watched, stopped, kept or put aside. */
export function useRun() {
  const { data: found, again } = useRead(RUN, {}, (now) =>
    isActive(now?.run?.state) ? OFTEN : NOW_AND_THEN,
  )
  const run = computed(() => found.value?.run)
  const active = computed(() => isActive(run.value?.state))
  const seen = useSessionStorage('proposal-seen', '')
  const open = computed(() =>
    run.value && !active.value && run.value.id !== seen.value ? run.value.proposal : undefined,
  )
  /** What the program laid out by itself is shown only when it would move something. */
  const moves = computed(
    () => open.value?.items.some((i) => i.change !== 'same') || open.value?.left.length !== 0,
  )
  const proposal = computed(() =>
    open.value && (!run.value?.reasons.length || moves.value) ? open.value : undefined,
  )
  const dismiss = () => (seen.value = run.value?.id ?? '')

  const layOut = (seconds: number, goalUsdPerHa: number | undefined) =>
    attempt(async () => {
      // What was proposed before is of before: nobody keeps it while the new one is on its way.
      dismiss()
      await consider(RUN, { body: { seconds, goalUsdPerHa } })
      await again()
    })
  const stop = () =>
    attempt(async () => {
      if (!run.value) return
      await consider(`${RUN}/{runId}/stop`, { path: { runId: run.value.id } })
      await again()
    })
  const keep = (keys: string[] | undefined) =>
    attempt(async () => {
      if (!run.value) return
      const body = { runId: run.value.id, keys }
      await place(WORK, await alter('POST', `${WORK}/keep`, { body }))
      dismiss()
      const what = keys ? `${keys.length} jobs kept` : 'The plan is kept'
      notice.show(`${what}; the fields’ plans follow.`, 'Undo', undo)
    })
  const undo = () =>
    attempt(async () => {
      const got = await alter('POST', `${WORK}/undo`)
      if (!got.undone) notice.show('There is nothing to undo.')
    })
  return { run, active, open, proposal, layOut, stop, keep, undo, dismiss }
}
