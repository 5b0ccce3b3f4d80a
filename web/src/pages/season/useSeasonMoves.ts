import { useEventListener } from '@vueuse/core'
import { onBeforeUnmount, type Ref } from 'vue'
import type { Furrow, PlanInput, SeasonView } from '../../api/client'
import { useSeason } from '../../season'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import type { useSeasonRows } from './useSeasonRows'

/** Marks that are moved on a season's rows: shown, kept or dropped, by hand and by key. */
export function useSeasonMoves(
  view: Readonly<Ref<SeasonView | undefined>>,
  rows: Pick<ReturnType<typeof useSeasonRows>, 'picked' | 'letGo'>,
) {
  const season = useSeason()
  const { undo } = season

  /** Shows a move; one that cannot be is said and taken back. */
  function move(furrow: Furrow, plan: PlanInput) {
    const original = view.value?.furrows.find((f) => f.fieldId === furrow.fieldId) ?? furrow
    void attempt(
      () => season.propose(original, plan),
      (refusal) => {
        season.drop(furrow.fieldId)
        notice.show(refusal.message)
      },
    )
  }
  const keep = (fieldId?: string) =>
    attempt(async () => {
      await season.keep(fieldId)
      notice.show('Kept.', 'Undo', undo)
    })
  const acceptChosen = () =>
    attempt(async () => {
      const plans = rows.picked.value.flatMap((f) =>
        f.plan
          ? [
              {
                fieldId: f.fieldId,
                planId: f.plan.id,
                version: f.plan.version,
                plan: { ...f.plan.plan, status: 'accepted' as const },
              },
            ]
          : [],
      )
      if (!plans.length) return notice.show('None of the chosen fields has a plan to accept.')
      await season.save(`${plans.length} plans accepted`, plans)
      rows.letGo()
      notice.show(`${plans.length} plans accepted.`, 'Undo', undo)
    })
  function planned() {
    rows.letGo()
    notice.show('Plans proposed.', 'Undo', undo)
  }

  useEventListener('keydown', (event) => {
    if ((event.target as HTMLElement).closest('input, textarea, select')) return
    if (event.key === 'u' && !event.ctrlKey && !event.metaKey) void undo()
    if (event.key === 'Escape') season.drop()
    if (event.key === 'Enter' && season.proposed && event.target === document.body) void keep()
  })
  onBeforeUnmount(() => season.drop())

  return { move, keep, acceptChosen, planned }
}
