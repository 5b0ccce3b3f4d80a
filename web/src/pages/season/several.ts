import type { FieldSeason, Furrow, PlanInput, Reason } from '../../api/client'
import { plus } from '../../words/days'

/** What is to change on several fields at once; nothing of what is empty or 0. */
export interface Change {
  purpose: PlanInput['purposes'][number] | ''
  method: string
  ending: string
  seedDays: number
  endDays: number
}

export const isChange = (c: Change) =>
  !!(c.purpose || c.method || c.ending || c.seedDays || c.endDays)

/** More days than these are another season, not a move. */
const MOST_DAYS = 90

/** What is wrong with a change, in a sentence; nothing when it can be tried. */
export function wrongWith(c: Change): string {
  const fine = (days: number) => Number.isInteger(days) && Math.abs(days) <= MOST_DAYS
  return fine(Number(c.seedDays)) && fine(Number(c.endDays))
    ? ''
    : `Give whole days, at most ${MOST_DAYS} earlier or later.`
}

/** A plan as it would be, or why it cannot be changed so: a reason, or none where nothing is planned. */
export type Tried = { plan: PlanInput } | { why: Reason | null }

/**
 * A field's plan changed as all are: another reason, another way of seeding on the first day its window gives, another
 * ending on its own first day, and days earlier or later.
 */
export function changed(field: FieldSeason, change: Change): Tried {
  const stored = field.furrow.plan?.plan
  if (!stored) return { why: null }
  let plan = { ...stored, ...(change.purpose ? { purposes: [change.purpose] } : {}) }
  if (change.method) {
    const window = field.windows.find((w) => w.method === change.method)
    if (!window?.possible) return { why: window?.opens.reason ?? null }
    const opens = window.opens.day > field.today ? window.opens.day : field.today
    plan = { ...plan, method: window.method, seedOn: opens }
  }
  if (change.ending) {
    const ending = field.endings.find((e) => e.way === change.ending)
    if (!ending || ending.fit === 'DOES_NOT') return { why: ending?.reasons[0] ?? null }
    plan = {
      ...plan,
      ending: ending.way,
      endOn: ending.from > plan.seedOn ? ending.from : plan.endOn,
    }
  }
  return {
    plan: {
      ...plan,
      seedOn: plus(plan.seedOn, Number(change.seedDays)),
      endOn: plus(plan.endOn, Number(change.endDays)),
    },
  }
}

/** What moves on several fields come to together. */
export interface Sum {
  better: number
  worse: number
  /** Years in which goals are reached, of all fields, before and after. */
  wasMet: number
  met: number
  years: number
  /** Fields with more to warn of than before. */
  warned: number
}

export function sumOf(moves: readonly { was: Furrow; now: Furrow }[]): Sum {
  const sum = { better: 0, worse: 0, wasMet: 0, met: 0, years: 0, warned: 0 }
  for (const { was, now } of moves) {
    if (now.warnings.length > was.warnings.length) sum.warned++
    if (!was.goal || !now.goal) continue
    if (now.goal.met > was.goal.met) sum.better++
    if (now.goal.met < was.goal.met) sum.worse++
    sum.wasMet += was.goal.met
    sum.met += now.goal.met
    sum.years += now.goal.years
  }
  return sum
}

/** It in a few words. */
export function saySum(sum: Sum): string {
  const parts = []
  if (sum.years) parts.push(`goals met ${sum.wasMet} → ${sum.met} of ${sum.years} years`)
  if (sum.better) parts.push(`${sum.better} better`)
  if (sum.worse) parts.push(`${sum.worse} worse`)
  if (sum.warned) parts.push(`${sum.warned} warned`)
  return parts.join(' · ')
}
