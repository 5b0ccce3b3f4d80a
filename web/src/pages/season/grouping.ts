import type { Furrow } from '../../api/client.ts'

export type Grouping = 'next' | 'crop' | 'reason' | 'trouble' | 'name'

/** A row of the list: the head of a group or a furrow. */
export interface Row {
  key: string
  group?: string
  count: number
  areaHa: number
  furrow?: Furrow
}

/** Kinds of next step, most pressing first. */
const PRESSING = [
  'MISSED',
  'CLOSING',
  'SEED_NOW',
  'END_NOW',
  'CONFIRM',
  'LOOK',
  'SEED_SOON',
  'CHOOSE',
  'SEED_LATER',
  'WAIT',
  'ENDED',
  'LEFT_OUT',
]

function groupOf(f: Furrow, by: Grouping): [order: string, name: string] {
  switch (by) {
    case 'next':
      return [String(PRESSING.indexOf(f.next.kind)).padStart(2, '0'), f.next.label]
    case 'crop':
      return [f.crop, `${f.crop} → ${f.nextCrop}`]
    case 'reason':
      return [f.goal?.label ?? '~', f.goal?.label ?? 'no cover yet']
    case 'trouble':
      return f.warnings.length ? ['0', 'something to look at'] : ['1', 'no trouble seen']
    case 'name':
      return ['', '']
  }
}

/** Furrows in groups, each with its head; within a group the soonest due first. */
export function grouped(furrows: readonly Furrow[], by: Grouping): Row[] {
  const groups = new Map<string, { order: string; name: string; furrows: Furrow[] }>()
  for (const f of furrows) {
    const [order, name] = groupOf(f, by)
    const group = groups.get(name) ?? { order, name, furrows: [] }
    group.furrows.push(f)
    groups.set(name, group)
  }
  const due = (f: Furrow) => (by === 'name' ? '' : (f.next.due ?? '9'))
  return [...groups.values()]
    .sort((a, b) => a.order.localeCompare(b.order) || a.name.localeCompare(b.name))
    .flatMap((g) => [
      ...(g.name
        ? [
            {
              key: 'group ' + g.name,
              group: g.name,
              count: g.furrows.length,
              areaHa: g.furrows.reduce((sum, f) => sum + f.areaHa, 0),
            },
          ]
        : []),
      ...g.furrows
        .sort(
          (a, b) =>
            due(a).localeCompare(due(b)) || a.name.localeCompare(b.name, 'en', { numeric: true }),
        )
        .map((f) => ({ key: f.fieldId, count: 1, areaHa: f.areaHa, furrow: f })),
    ])
}

/** What fields are grouped by, as it is offered. */
export const GROUPINGS: { title: string; value: Grouping }[] = [
  { title: 'what is next', value: 'next' },
  { title: 'crop', value: 'crop' },
  { title: 'why it is covered', value: 'reason' },
  { title: 'trouble', value: 'trouble' },
  { title: 'name', value: 'name' },
]
