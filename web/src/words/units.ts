/** How quantities are said. The server speaks SI; this is the one place that converts. */
export type UnitSystem = 'us' | 'metric'
export type Unit =
  | 'MG_PER_HA'
  | 'KG_PER_HA'
  | 'HA'
  | 'MM'
  | 'CM'
  | 'CELSIUS'
  | 'DEGREE_DAYS'
  | 'DAYS'
  | 'SHARE'
  | 'COUNT'
  | 'PER_M2'
  | 'USD_PER_HA'
  | 'KG'
  | 'M'
  | 'USD'
  | 'KMH'
  | 'KM'
  | 'USD_PER_KM'
  | 'HOURS'
  | 'M3'
  | 'M2'
  | 'USD_PER_KG'
  | 'PER_KG'
  | 'SPRAY_L_PER_HA'
  | 'PRODUCT_L_PER_HA'
  | 'PRODUCT_KG_PER_HA'
  | 'G_PER_HA'
  | 'L'
  | 'G_PER_L'
  | 'G_PER_KG'
  | 'M_PER_S'
  | 'KG_PER_M'
  | 'CORN_MG_PER_HA'
  | 'BEAN_MG_PER_HA'
  | 'USD_PER_MG_CORN'
  | 'USD_PER_MG_BEAN'
  | 'HA_PER_HOUR'

const HA_PER_ACRE = 0.40468564224
const KG_PER_LB = 0.45359237
const L_PER_GALLON = 3.785411784
const LB_PER_ACRE = HA_PER_ACRE / KG_PER_LB

interface Said {
  factor: number
  offset?: number
  suffix: string
  digits: number
}

const US: Record<Unit, Said> = {
  MG_PER_HA: { factor: 1000 * LB_PER_ACRE, suffix: ' lb/ac', digits: 0 },
  KG_PER_HA: { factor: LB_PER_ACRE, suffix: ' lb/ac', digits: 0 },
  HA: { factor: 1 / HA_PER_ACRE, suffix: ' ac', digits: 0 },
  MM: { factor: 1 / 25.4, suffix: ' in', digits: 2 },
  CM: { factor: 1 / 2.54, suffix: ' in', digits: 0 },
  CELSIUS: { factor: 1.8, offset: 32, suffix: ' °F', digits: 0 },
  DEGREE_DAYS: { factor: 1.8, suffix: ' °F·days', digits: 0 },
  DAYS: { factor: 1, suffix: ' days', digits: 0 },
  SHARE: { factor: 100, suffix: ' %', digits: 0 },
  COUNT: { factor: 1, suffix: '', digits: 0 },
  PER_M2: { factor: 0.09290304, suffix: ' per ft²', digits: 1 },
  USD_PER_HA: { factor: HA_PER_ACRE, suffix: ' $/ac', digits: 0 },
  KG: { factor: 1 / KG_PER_LB, suffix: ' lb', digits: 0 },
  M: { factor: 1 / 0.3048, suffix: ' ft', digits: 0 },
  USD: { factor: 1, suffix: ' $', digits: 0 },
  KMH: { factor: 1 / 1.609344, suffix: ' mph', digits: 1 },
  KM: { factor: 1 / 1.609344, suffix: ' mi', digits: 1 },
  USD_PER_KM: { factor: 1.609344, suffix: ' $/mi', digits: 2 },
  HOURS: { factor: 1, suffix: ' h', digits: 1 },
  M3: { factor: 1 / 0.3048 ** 3, suffix: ' ft³', digits: 1 },
  M2: { factor: 1 / 0.09290304, suffix: ' ft²', digits: 2 },
  USD_PER_KG: { factor: KG_PER_LB, suffix: ' $/lb', digits: 2 },
  PER_KG: { factor: KG_PER_LB, suffix: ' per lb', digits: 0 },
  SPRAY_L_PER_HA: { factor: HA_PER_ACRE / L_PER_GALLON, suffix: ' gal/ac', digits: 1 },
  PRODUCT_L_PER_HA: { factor: (128 * HA_PER_ACRE) / L_PER_GALLON, suffix: ' fl oz/ac', digits: 1 },
  PRODUCT_KG_PER_HA: { factor: 16 * LB_PER_ACRE, suffix: ' oz/ac', digits: 1 },
  G_PER_HA: { factor: LB_PER_ACRE / 1000, suffix: ' lb/ac', digits: 2 },
  L: { factor: 1 / L_PER_GALLON, suffix: ' gal', digits: 1 },
  G_PER_L: { factor: L_PER_GALLON / KG_PER_LB / 1000, suffix: ' lb/gal', digits: 2 },
  G_PER_KG: { factor: 0.1, suffix: ' % by weight', digits: 1 },
  M_PER_S: { factor: 3.6 / 1.609344, suffix: ' mph', digits: 0 },
  KG_PER_M: { factor: 0.3048 / KG_PER_LB, suffix: ' lb/ft', digits: 0 },
  CORN_MG_PER_HA: { factor: (1000 * LB_PER_ACRE) / 56, suffix: ' bu/ac', digits: 0 },
  BEAN_MG_PER_HA: { factor: (1000 * LB_PER_ACRE) / 60, suffix: ' bu/ac', digits: 0 },
  USD_PER_MG_CORN: { factor: (56 * KG_PER_LB) / 1000, suffix: ' $/bu', digits: 2 },
  USD_PER_MG_BEAN: { factor: (60 * KG_PER_LB) / 1000, suffix: ' $/bu', digits: 2 },
  HA_PER_HOUR: { factor: 1 / HA_PER_ACRE, suffix: ' ac/h', digits: 1 },
}

const METRIC: Record<Unit, Said> = {
  MG_PER_HA: { factor: 1, suffix: ' Mg/ha', digits: 1 },
  KG_PER_HA: { factor: 1, suffix: ' kg/ha', digits: 0 },
  HA: { factor: 1, suffix: ' ha', digits: 1 },
  MM: { factor: 1, suffix: ' mm', digits: 0 },
  CM: { factor: 1, suffix: ' cm', digits: 0 },
  CELSIUS: { factor: 1, suffix: ' °C', digits: 0 },
  DEGREE_DAYS: { factor: 1, suffix: ' °C·days', digits: 0 },
  DAYS: { factor: 1, suffix: ' days', digits: 0 },
  SHARE: { factor: 100, suffix: ' %', digits: 0 },
  COUNT: { factor: 1, suffix: '', digits: 0 },
  PER_M2: { factor: 1, suffix: ' per m²', digits: 0 },
  USD_PER_HA: { factor: 1, suffix: ' $/ha', digits: 0 },
  KG: { factor: 1, suffix: ' kg', digits: 0 },
  M: { factor: 1, suffix: ' m', digits: 1 },
  USD: { factor: 1, suffix: ' $', digits: 0 },
  KMH: { factor: 1, suffix: ' km/h', digits: 1 },
  KM: { factor: 1, suffix: ' km', digits: 1 },
  USD_PER_KM: { factor: 1, suffix: ' $/km', digits: 2 },
  HOURS: { factor: 1, suffix: ' h', digits: 1 },
  M3: { factor: 1, suffix: ' m³', digits: 2 },
  M2: { factor: 1, suffix: ' m²', digits: 2 },
  USD_PER_KG: { factor: 1, suffix: ' $/kg', digits: 2 },
  PER_KG: { factor: 1, suffix: ' per kg', digits: 0 },
  SPRAY_L_PER_HA: { factor: 1, suffix: ' L/ha', digits: 0 },
  PRODUCT_L_PER_HA: { factor: 1, suffix: ' L/ha', digits: 2 },
  PRODUCT_KG_PER_HA: { factor: 1, suffix: ' kg/ha', digits: 2 },
  G_PER_HA: { factor: 1, suffix: ' g/ha', digits: 0 },
  L: { factor: 1, suffix: ' L', digits: 1 },
  G_PER_L: { factor: 1, suffix: ' g/L', digits: 0 },
  G_PER_KG: { factor: 1, suffix: ' g/kg', digits: 0 },
  M_PER_S: { factor: 1, suffix: ' m/s', digits: 1 },
  KG_PER_M: { factor: 1, suffix: ' kg/m', digits: 0 },
  CORN_MG_PER_HA: { factor: 1, suffix: ' Mg/ha', digits: 1 },
  BEAN_MG_PER_HA: { factor: 1, suffix: ' Mg/ha', digits: 1 },
  USD_PER_MG_CORN: { factor: 1, suffix: ' $/Mg', digits: 0 },
  USD_PER_MG_BEAN: { factor: 1, suffix: ' $/Mg', digits: 0 },
  HA_PER_HOUR: { factor: 1, suffix: ' ha/h', digits: 1 },
}

function said(unit: Unit, system: UnitSystem): Said {
  return (system === 'us' ? US : METRIC)[unit]
}

/** An SI amount as a number of the system's unit. */
export function shown(value: number, unit: Unit, system: UnitSystem): number {
  const s = said(unit, system)
  return value * s.factor + (s.offset ?? 0)
}

/** A number of the system's unit as an SI amount. */
export function toSi(value: number, unit: Unit, system: UnitSystem): number {
  const s = said(unit, system)
  return (value - (s.offset ?? 0)) / s.factor
}

/** The unit's name without a number, such as “lb/ac”. */
export function unitName(unit: Unit, system: UnitSystem): string {
  return said(unit, system).suffix.trim()
}

/** An amount in words: “1,860 lb/ac”. */
export function say(value: number, unit: Unit, system: UnitSystem, digits?: number): string {
  const s = said(unit, system)
  const places = digits ?? s.digits
  const number = shown(value, unit, system).toLocaleString('en-US', {
    minimumFractionDigits: places,
    maximumFractionDigits: places,
  })
  if (unit === 'USD_PER_KG') return `$${number}/${system === 'us' ? 'lb' : 'kg'}`
  if (unit === 'USD') return `$${number}`
  if (unit === 'USD_PER_HA') return `$${number}/${system === 'us' ? 'ac' : 'ha'}`
  const suffix = unit === 'DAYS' && number === '1' ? ' day' : s.suffix
  // A nought is never below nought.
  const signed = /^-[0.]*$/.test(number) ? number.slice(1) : number.replace('-', '−')
  return signed + suffix
}
