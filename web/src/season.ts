import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Furrow, PlanInput, Reason } from './api/client'
import { alter, consider, place } from './farm/data'
import { newestOnly } from './farm/newest'
import { attempt } from './shell/attempt'
import { notice } from './shell/notice'

/** A move that is shown but not kept. */
export interface Proposal {
  plan: PlanInput
  furrow: Furrow
  changes: Reason[]
  /** Of the plan it was made on; none where there was no plan. */
  planId?: string
  version?: number
}

/** A plan of a field as it is stored; undefined takes the plan away. */
export interface PlanChange {
  fieldId: string
  /** Which of its covers; none for a new one. */
  planId?: string
  plan?: PlanInput
  version?: number
}

/** Moves proposed on the season until they are kept or dropped, and the storing of plans. */
export const useSeason = defineStore('season', () => {
  const proposals = ref(new Map<string, Proposal>())
  const proposed = computed(() => proposals.value.size)
  const wishes = new Map<string, (plan: PlanInput) => Promise<void>>()

  /** The furrow as shown: proposed if there is a proposal. */
  function shown(furrow: Furrow): Furrow {
    return proposals.value.get(furrow.fieldId)?.furrow ?? furrow
  }

  function wishOf({ fieldId, plan: stored }: Furrow) {
    const of = { planId: stored?.id, version: stored?.version }
    const wish = newestOnly(
      (plan: PlanInput) =>
        consider('/api/farms/{farmId}/fields/{fieldId}/move', { path: { fieldId }, body: plan }),
      (moved, plan) => {
        // Dropped while its answer was awaited.
        if (wishes.get(fieldId) !== wish) return
        proposals.value = new Map(proposals.value).set(fieldId, { plan, ...of, ...moved })
      },
    )
    return wish
  }

  /** Shows what a plan would do. */
  async function propose(furrow: Furrow, plan: PlanInput) {
    const id = furrow.fieldId
    const wish = wishes.get(id) ?? wishOf(furrow)
    wishes.set(id, wish)
    await wish(plan)
  }

  function drop(fieldId?: string) {
    const rest = new Map(proposals.value)
    if (fieldId) rest.delete(fieldId)
    else rest.clear()
    proposals.value = rest
    if (fieldId) wishes.delete(fieldId)
    else wishes.clear()
  }

  /** Keeps one proposal, or all. What is refused stays proposed. */
  async function keep(fieldId?: string) {
    const kept = [...proposals.value].filter(([id]) => !fieldId || id === fieldId)
    await save(
      kept.length === 1 ? 'move kept' : `${kept.length} moves kept`,
      kept.map(([id, { plan, planId, version }]) => ({ fieldId: id, planId, version, plan })),
    )
    drop(fieldId)
  }

  /** Stores plans as one change. */
  async function save(what: string, plans: PlanChange[]) {
    const view = await alter('POST', '/api/farms/{farmId}/plans', { body: { what, plans } })
    await place('/api/farms/{farmId}/season', view)
  }

  /** Takes the last change of the plans back and says which it was. */
  const undo = () =>
    attempt(async () => {
      const { what } = await alter('POST', '/api/farms/{farmId}/plans/undo')
      drop()
      notice.show(what ? `Undone: ${what}.` : 'There is nothing to undo.')
    })

  return { proposals, proposed, shown, propose, drop, keep, save, undo }
})
