import type { FieldSeason, PlanInput } from '../api/client'
import { read } from '../farm/data'
import { askHere, keeping } from './ask'

/*
 * A field's season by the core on this phone, where no server answers: other days of its cover over all
 * ways the season may go. What it is reckoned from is taken along while there is a signal.
 */
const fieldHere = (fieldId: string) =>
  read('/api/farms/{farmId}/fields/{fieldId}/pocket', { path: { fieldId } })
const skyHere = () => read('/api/farms/{farmId}/pocket')

/** Of the weather that was brought here, and of the one the module has read. */
let taken = ''
let under = ''

/** Brings along what a field is reckoned from; the weather once a day. */
export async function takeAlong(fieldId: string) {
  await keeping()
  const field = await fieldHere(fieldId)
  if (!field.season || field.stamp === taken) return
  await skyHere()
  taken = field.stamp
}

const others = (plan: PlanInput) => JSON.stringify({ ...plan, seedOn: '', endOn: '' })

/**
 * A field's season with its cover meant for other days; nothing where this phone cannot tell, as with
 * another way or other seed.
 */
export async function triedHere(
  stored: FieldSeason,
  plan: PlanInput,
): Promise<FieldSeason | undefined> {
  const was = stored.furrow.plan
  if (!was || others(was.plan) !== others(plan)) return undefined
  try {
    const field = await fieldHere(stored.field.id)
    if (!field.season) return undefined
    if (under !== field.stamp) {
      await askHere('sky', [await skyHere()])
      under = field.stamp
    }
    const { changes } = await askHere<Pick<FieldSeason, 'changes'>>('tried', [
      field,
      plan.seedOn,
      plan.endOn,
    ])
    return { ...stored, changes, furrow: { ...stored.furrow, plan: { ...was, plan } } }
  } catch {
    under = ''
    return undefined
  }
}
