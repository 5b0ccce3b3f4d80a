import type { Furrow } from '../../api/client'

/** What the season asks for today, most pressing last: “3 fields open to seed, 1 to end now”. */
export function headline(furrows: readonly Furrow[]): string {
  const count = (kind: Furrow['next']['kind']) => furrows.filter((f) => f.next.kind === kind).length
  const closing = count('CLOSING')
  const open = count('SEED_NOW') + closing
  const end = count('END_NOW')
  const missed = count('MISSED')
  const parts = [
    open && `${open} ${open === 1 ? 'field' : 'fields'} open to seed`,
    closing && `${closing} ${closing === 1 ? 'closes' : 'close'} this week`,
    end && `${end} to end now`,
    missed && `${missed} too late as planned`,
  ].filter(Boolean)
  return parts.length ? parts.join(', ') : 'Nothing is due today'
}

/** Which season it is, where it is not the one of today: “Season 2025–26, as it was”. */
export function otherSeason(year: number, now: number): string {
  if (year === now) return ''
  const name = `Season ${year}–${String(year + 1).slice(2)}`
  return `${name}, ${year < now ? 'as it was' : 'as planned'}`
}

/** Whether a furrow holds the words that are looked for: name, crops, cover, reason, next step. */
export function matches(f: Furrow, words: string | null): boolean {
  const wanted = (words ?? '').trim().toLowerCase()
  return `${f.name} ${f.crop} ${f.nextCrop} ${f.coverWords} ${f.goal?.label ?? ''} ${f.next.label}`
    .toLowerCase()
    .includes(wanted)
}

/** Whether a field asks for something that does not wait. */
export const pressing = (f: Furrow) => f.next.kind === 'MISSED' || f.next.kind === 'CLOSING'
