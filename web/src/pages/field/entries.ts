import type { Schemas } from '../../api/client'
import { sentence } from '../../words/reasons'
import type { Unit } from '../../words/units'

/** Entries of a field's record, as their forms hold them; the kinds are the server's. */
export type EntryKind = Schemas['EntryKind']
export type EntryInput = Schemas['EntryInput']
export type CropOff = Schemas['CropOff']
type Figure = EntryKind['figures'][number]

export interface EntryDraft {
  doneOn: string
  kind: EntryKind['kind']
  words: string
  figures: Record<string, number | undefined>
  names: Record<string, string | undefined>
  machineId?: string
}

/** A form that nothing is written in yet. */
export const blank = (today: string): EntryDraft => ({
  doneOn: today,
  kind: 'note',
  words: '',
  figures: {},
  names: {},
})

/** An entry in its form again. */
export const draftOf = (e: Schemas['EntryView']): EntryDraft => ({
  doneOn: e.doneOn,
  kind: e.kind,
  words: e.words,
  figures: { ...e.figures },
  names: { ...e.names },
  machineId: e.machineId,
})

/** Kinds a form offers: what is seen of a cover only where there is one. */
export const kindsOf = (all: EntryKind[], covered: boolean) =>
  covered ? all : all.filter((k) => !k.ofCover)

/** Kinds as a list to choose from, each under what it belongs to. */
export const grouped = (kinds: EntryKind[]) =>
  [...new Set(kinds.map((k) => k.group))].flatMap((group) => [
    { type: 'subheader', title: group, value: group },
    ...kinds
      .filter((k) => k.group === group)
      .map((k) => ({ type: 'item', title: sentence(k.label), value: k.kind as string })),
  ])

/** Money is typed to the cent; what is measured as it comes. */
const CENTS = 2
export const placesOf = (figure: Figure) => (figure.unit === 'USD_CENTS' ? CENTS : undefined)

export const kindOf = (all: EntryKind[], kind: string) => all.find((k) => k.kind === kind)

/** A yield is said as its crop's is: by the year it came off. */
export function unitOf(figure: Figure, doneOn: string, crops: CropOff[]): Unit {
  const crop = crops.find((c) => c.year === Number(doneOn.slice(0, 4)))
  return figure.key === 'yieldMgPerHa' && crop ? crop.yieldUnit : figure.unit
}

/** What is sent of a form: only what its kind carries, and nothing that was left empty. */
export function inputOf(draft: EntryDraft, kind: EntryKind | undefined): EntryInput {
  const figures: Record<string, number> = {}
  for (const { key } of kind?.figures ?? []) {
    const value = draft.figures[key]
    if (value !== undefined) figures[key] = value
  }
  const names: Record<string, string> = {}
  for (const { key } of kind?.names ?? []) {
    const value = draft.names[key]
    if (value) names[key] = value
  }
  const machineId = (kind?.byMachine && draft.machineId) || undefined
  return { doneOn: draft.doneOn, kind: draft.kind, words: draft.words, figures, names, machineId }
}

/** What an entry says in figures and names, each in the reader's words. */
export function told(
  entry: Pick<Schemas['EntryView'], 'doneOn' | 'figures' | 'names'> &
    Partial<Pick<Schemas['EntryView'], 'products' | 'actives'>>,
  kind: EntryKind | undefined,
  crops: CropOff[],
  say: { amount: (value: number, unit: Unit) => string; species: (id: string) => string },
): string[] {
  const all: string[] = []
  for (const n of kind?.names ?? []) {
    const value = entry.names[n.key]
    if (!value) continue
    if (n.key === 'species') all.push(say.species(value))
    else all.push(n.choices.find((c) => c.value === value)?.title ?? value)
  }
  for (const f of kind?.figures ?? []) {
    const value = entry.figures[f.key]
    if (value === undefined) continue
    const amount = say.amount(value, unitOf(f, entry.doneOn, crops))
    // One figure that a kind cannot do without needs no name of its own.
    all.push(f.needed ? amount : `${f.label.toLowerCase()} ${amount}`)
  }
  for (const p of entry.products ?? []) all.push(`${p.name} ${say.amount(p.ratePerHa, p.unit)}`)
  for (const [active, grams] of Object.entries(entry.actives ?? {}))
    all.push(`${active} ${say.amount(grams, 'G_PER_HA')}`)
  return all
}
