import { ref, watch } from 'vue'
import { useAnswer } from '../../answer'
import type { PlanInput, Schemas } from '../../api/client'
import { consider } from '../../farm/data'

/**
 * Odds by day of seeding, for a list and for the axis alike. Everything but the seeding day changes
 * them; nothing is asked without a plan that the years can be asked about.
 *
 * @param goal what is to be reached; what its first reason wants, where nothing is chosen
 */
export function useDateOdds(fieldId: () => string, plan: () => PlanInput | null | undefined) {
  const goal = ref<Schemas['GoalInput']>()
  watch(fieldId, () => (goal.value = undefined))
  const { answer: odds, trouble } = useAnswer(
    () => {
      const asked = plan()
      return asked
        ? JSON.stringify([fieldId(), goal.value, { ...asked, seedOn: '', status: '' }])
        : ''
    },
    () =>
      consider('/api/farms/{farmId}/fields/{fieldId}/dates', {
        path: { fieldId: fieldId() },
        body: { plan: plan()!, goal: goal.value },
      }),
  )
  return { goal, odds, trouble }
}
