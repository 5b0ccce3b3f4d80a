import { UNITS } from './units.data'

/** How quantities are said. The server speaks SI and owns the table; this is what reads it. */
export type UnitSystem = 'us' | 'metric'
export type Unit = keyof typeof UNITS

interface Said {
  factor: number
  offset: number
  name: string
  digits: number
}

function said(unit: Unit, system: UnitSystem): Said {
  return UNITS[unit][system]
}

/** An SI amount as a number of the system's unit. */
export function shown(value: number, unit: Unit, system: UnitSystem): number {
  const s = said(unit, system)
  return value * s.factor + s.offset
}

/** A number of the system's unit as an SI amount. */
export function toSi(value: number, unit: Unit, system: UnitSystem): number {
  const s = said(unit, system)
  return (value - s.offset) / s.factor
}

/** The unit's name without a number, such as “lb/ac”. */
export function unitName(unit: Unit, system: UnitSystem): string {
  return said(unit, system).name
}

/** An amount in words: “1,860 lb/ac”. */
export function say(value: number, unit: Unit, system: UnitSystem, digits?: number): string {
  const s = said(unit, system)
  const places = digits ?? s.digits
  const whole = 10 ** Math.max(0, -places)
  const exact = shown(value, unit, system)
  const decimals = Math.max(0, places)
  const number = (places < 0 ? Math.round(exact / whole) * whole : exact).toLocaleString('en-US', {
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
  })
  const name = unit === 'DAYS' && number === '1' ? 'day' : s.name
  // A nought is never below nought.
  const signed = /^-[0.]*$/.test(number) ? number.slice(1) : number.replace('-', '−')
  if (name.startsWith('$')) {
    const size = `$${signed.replace('−', '')}${name.slice(1)}`
    return signed.startsWith('−') ? `−${size}` : size
  }
  return name ? `${signed} ${name}` : signed
}
