import type { Schemas } from '../../api/client'
import type { Unit } from '../../words/units'

/** What is written down of a field, as it is said. */
export type LogKind = Schemas['EntryView']['kind']
export const KINDS: { value: LogKind; title: string }[] = [
  { value: 'seeded', title: 'seeded' },
  { value: 'harvested', title: 'harvested' },
  { value: 'sprayed', title: 'sprayed' },
  { value: 'ended', title: 'ended' },
  { value: 'planted', title: 'planted' },
  { value: 'plants', title: 'plants counted' },
  { value: 'height', title: 'height measured' },
  { value: 'cover', title: 'cover clipped and dried' },
  { value: 'stage', title: 'stage seen' },
  { value: 'note', title: 'note' },
]
export const RESIDUALS = [
  { title: 'none, or not known', value: '' },
  { title: 'amides', value: 'amide' },
  { title: 'triazines', value: 'triazine' },
  { title: 'sulfonylureas', value: 'sulfonylurea' },
  { title: 'bleachers', value: 'bleacher' },
  { title: 'growth regulators', value: 'growthRegulator' },
  { title: 'cell-membrane', value: 'cellMembrane' },
]
/** Kinds that carry a figure, and its unit. */
export const MEASURED: Partial<Record<LogKind, Unit>> = {
  plants: 'PER_M2',
  height: 'CM',
  cover: 'MG_PER_HA',
}

/** What can be written down of a field: of a cover only where there is one. */
export function kindsOf(covered: boolean) {
  return covered ? KINDS : KINDS.filter((k) => !MEASURED[k.value] && k.value !== 'stage')
}

export const titleOf = (kind: LogKind) => KINDS.find((k) => k.value === kind)?.title ?? kind
