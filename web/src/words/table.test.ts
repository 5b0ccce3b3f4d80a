import { expect, it } from 'vitest'
import { UNITS } from './units.data'
import { say, shown, toSi, unitName, type Unit, type UnitSystem } from './units'
import { jobKind } from './work'
import { sentence } from './reasons'

const all = Object.keys(UNITS) as Unit[]
const systems: UnitSystem[] = ['us', 'metric']

it.each(all)('%s comes back from both systems', (unit) => {
  for (const system of systems)
    for (const value of [-2.5, 0, 0.004, 1, 1234.5])
      expect(toSi(shown(value, unit, system), unit, system)).toBeCloseTo(value, 9)
})

it.each([
  ['M3', 1, '35.3 ft³', '1.00 m³'],
  ['USD_PER_KG', 2.2046226, '$1.00/lb', '$2.20/kg'],
  ['SPRAY_L_PER_HA', 140, '15.0 gal/ac', '140 L/ha'],
  ['M_PER_S', 4.4704, '10 mph', '4.5 m/s'],
  ['G_PER_L', 480, '4.01 lb/gal', '480 g/L'],
  ['CORN_MG_PER_HA', 12.55, '200 bu/ac', '12.6 Mg/ha'],
  ['USD_PER_MG_BEAN', 440.92, '$12.00/bu', '$441/Mg'],
  ['CROP_PER_M2', 8, '32,375 per acre', '80,000 per ha'],
  ['COUNT', 3, '3', '3'],
  ['DAYS', 1, '1 day', '1 day'],
  ['DAYS', 2, '2 days', '2 days'],
  ['USD', 1240.4, '$1,240', '$1,240'],
  ['USD_CENTS', 1200.1, '$1,200.10', '$1,200.10'],
  ['CELSIUS', -40, '−40 °F', '−40 °C'],
  ['KG_PER_HA', -0.01, '0 lb/ac', '0 kg/ha'],
] as const)('%s of %s', (unit, value, us, metric) => {
  expect(say(value, unit, 'us')).toBe(us)
  expect(say(value, unit, 'metric')).toBe(metric)
})

it('names of units stand alone in labels', () => {
  expect(unitName('HA', 'us')).toBe('ac')
  expect(unitName('COUNT', 'us')).toBe('')
})

it('every kind of job is said', () => {
  for (const kind of ['harvest', 'seed', 'end', 'second', 'plant', 'look', 'own'] as const)
    expect(jobKind(kind)).toMatch(/^[a-z ]+$/)
})

it('sentences begin with a capital', () => {
  expect(sentence('rain in 8 years')).toBe('Rain in 8 years')
  expect(sentence('')).toBe('')
})
