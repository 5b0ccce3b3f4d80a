import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import type { LaneBar } from './lanes'
import { withOutcomes } from './outcomes'

const say = (value: number, unit: string) => `${value} ${unit}`
const bar = (key: string) => ({ key, label: key, from: '2027-05-01', to: '2027-05-04' }) as LaneBar
const range = (middle: number) => ({ low: 0, middle, high: 0 })
const row = (way: string, more: object) =>
  ({ way, plantOn: '2027-05-10', lateUsdPerHa: 0, ...more }) as Schemas['EndingRow']
const outcome = { kill: range(0.91), mulch: range(4.2) }

describe('what an ending comes to, on its bar', () => {
  it('is its kill, its mulch and the day behind it', () => {
    const [told] = withOutcomes([bar('rollPlant')], [row('rollPlant', { outcome })], say)
    expect(told?.tells).toBe('kill 0.91 SHARE, mulch 4.2 MG_PER_HA, planted 10 May')
    expect(told?.plantOn).toBe('2027-05-10')
  })
  it('is the yield that waiting for it costs, where it costs any', () => {
    const [told] = withOutcomes([bar('hay')], [row('hay', { outcome, lateUsdPerHa: 44 })], say)
    expect(told?.tells).toContain('44 USD_PER_HA of yield')
  })
  it('is the day alone where nothing is known of it, and nothing where it is not asked about', () => {
    const [hay, graze] = withOutcomes([bar('hay'), bar('graze')], [row('hay', {})], say)
    expect(hay?.tells).toBe('planted 10 May')
    expect(graze).toEqual(bar('graze'))
  })
})
