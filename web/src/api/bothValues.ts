import { sayDay } from '../words/days.ts'
import { say, type Unit, type UnitSystem } from '../words/units.ts'

type Plain = Record<string, unknown>

/** Units by how names of figures end, longest first. */
const ENDINGS: [string, Unit | null][] = [
  ['KgPerHa', 'KG_PER_HA'],
  ['MgPerHa', 'MG_PER_HA'],
  ['UsdPerHa', 'USD_PER_HA'],
  ['UsdPerKg', 'USD_PER_KG'],
  ['Kmh', 'KMH'],
  ['Ha', 'HA'],
  ['Kg', 'KG'],
  ['Km', 'KM'],
  ['M', 'M'],
  ['H', 'HOURS'],
]
const DAY = /^\d{4}-\d\d-\d\d$/
const UNTOLD = /^(version|id|.*Id)$/
const MOST = 4

const plain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** What of a sent body stands against what another saved: the part that is most like it. */
function counterpart(sent: unknown, theirs: Plain): Plain | undefined {
  const keys = Object.keys(theirs)
  let best: Plain | undefined
  let most = 0
  const look = (value: unknown) => {
    if (Array.isArray(value)) value.forEach(look)
    if (!plain(value)) return
    const same = keys.filter((k) => k in value).length
    if (same > most) {
      most = same
      best = value
    }
    Object.values(value).forEach(look)
  }
  look(sent)
  return best
}

function words(key: string): { name: string; unit: Unit | null } {
  const found = ENDINGS.find(([end]) => key.length > end.length && key.endsWith(end))
  const bare = found ? key.slice(0, -found[0].length) : key
  const name = bare.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase()
  return { name, unit: found?.[1] ?? null }
}

function shown(value: unknown, unit: Unit | null, system: UnitSystem): string {
  if (value === null || value === undefined || value === '') return 'nothing'
  if (typeof value === 'number') return unit ? say(value, unit, system) : String(value)
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'string') return DAY.test(value) ? sayDay(value) : `“${value}”`
  return Array.isArray(value) ? `${value.length} of them` : 'other'
}

/** “width: yours 30 ft, theirs 40 ft” for all that differs between what was sent and saved. */
export function bothValues(sent: unknown, theirs: unknown, system: UnitSystem): string[] {
  if (!plain(theirs)) return []
  const yours = counterpart(sent, theirs)
  if (!yours) return []
  const all: string[] = []
  for (const key of Object.keys(yours)) {
    const a = yours[key]
    const b = theirs[key]
    if (UNTOLD.test(key) || !(key in theirs) || JSON.stringify(a) === JSON.stringify(b)) continue
    if (plain(a) && plain(b)) {
      all.push(...bothValues(a, b, system))
      continue
    }
    const { name, unit } = words(key)
    const [mine, other] = [shown(a, unit, system), shown(b, unit, system)]
    all.push(mine === other ? `${name} differ` : `${name}: yours ${mine}, theirs ${other}`)
  }
  return all.length > MOST ? [...all.slice(0, MOST), `${all.length - MOST} more`] : all
}
