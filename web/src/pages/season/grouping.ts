import type { Furrow, Schemas } from '../../api/client.ts'

export type Grouping =
  | 'next'
  | 'crop'
  | 'reason'
  | 'machine'
  | 'ending'
  | 'odds'
  | 'soil'
  | 'trouble'
  | 'name'
  | 'not open'

/** A row of the list: the head of a group or a furrow. */
export interface Row {
  key: string
  group?: string
  count: number
  areaHa: number
  furrow?: Furrow
  /** How it is open to the way of seeding it stands under. */
  open?: Schemas['OpenField']
  /** Of a head: the fields under it, and what else is said of them. */
  ids?: string[]
  note?: string
  rust?: boolean
}

/** How ways are said where fields are grouped by them. */
export interface Called {
  method: (key: string) => string
  ending: (key: string) => string
}
const AS_KEYS: Called = { method: (key) => key, ending: (key) => key }
/** Behind all names there are. */
const LAST = 'zzz'
const NONE: [string, string] = [LAST, 'no cover yet']

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

/** Ground that loses most first. */
const AT_RISK: Furrow['soil']['rank'][] = ['much', 'some', 'little']

/** Odds as tenths, poorest first. */
function odds(f: Furrow): [order: string, name: string] {
  if (!f.goal?.years) return NONE
  const tenths = Math.round((f.goal.met / f.goal.years) * 10)
  return [String(tenths).padStart(2, '0'), `${tenths} of 10 years`]
}

function groupOf(f: Furrow, by: Grouping, called: Called): [order: string, name: string] {
  switch (by) {
    case 'next':
      return [String(PRESSING.indexOf(f.next.kind)).padStart(2, '0'), f.next.label]
    case 'crop':
      return [f.crop, `${f.crop} → ${f.nextCrop}`]
    case 'reason':
      return f.goal ? [f.goal.label, f.goal.label] : NONE
    case 'machine': {
      const name = f.plan ? called.method(f.plan.plan.method) : ''
      return name ? [name, name] : NONE
    }
    case 'ending': {
      const name = f.plan ? called.ending(f.plan.plan.ending) : ''
      return name ? [name, name] : NONE
    }
    case 'odds':
      return odds(f)
    case 'soil':
      return [String(AT_RISK.indexOf(f.soil.rank)), f.soil.label]
    case 'trouble':
      return f.warnings.length ? ['0', 'something to look at'] : ['1', 'no trouble seen']
    case 'not open':
      return ['', f.seededOn ? 'seeded' : f.plan ? 'not open this week' : 'nothing fits this week']
    case 'name':
      return ['', '']
  }
}

/** Furrows in groups, each with its head; within a group the soonest due first, or the most at risk. */
export function grouped(furrows: readonly Furrow[], by: Grouping, called: Called = AS_KEYS): Row[] {
  const groups = new Map<string, { order: string; name: string; furrows: Furrow[] }>()
  for (const f of furrows) {
    const [order, name] = groupOf(f, by, called)
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
              ids: g.furrows.map((f) => f.fieldId),
            },
          ]
        : []),
      ...g.furrows
        .sort(
          (a, b) =>
            (by === 'soil' ? b.soil.loss - a.soil.loss : 0) ||
            due(a).localeCompare(due(b)) ||
            a.name.localeCompare(b.name, 'en', { numeric: true }),
        )
        .map((f) => ({ key: f.fieldId, count: 1, areaHa: f.areaHa, furrow: f })),
    ])
}

/** What fields are grouped by, as it is offered. */
export const GROUPINGS: { title: string; value: Grouping }[] = [
  { title: 'what is next', value: 'next' },
  { title: 'crop', value: 'crop' },
  { title: 'why it is covered', value: 'reason' },
  { title: 'way of seeding', value: 'machine' },
  { title: 'ending', value: 'ending' },
  { title: 'odds', value: 'odds' },
  { title: 'soil at risk', value: 'soil' },
  { title: 'trouble', value: 'trouble' },
  { title: 'name', value: 'name' },
]
