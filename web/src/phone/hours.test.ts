import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { askHere } from './ask'
import { hoursHere, hoursQuestion } from './hours'

vi.mock('./ask', () => ({ askHere: vi.fn() }))

const weather = (tempC: number) => ({
  tempC,
  dewPointC: 8,
  windMPerS: 2,
  gustMPerS: 3,
  rainMm: 0,
  solarWPerM2: 200,
  soilTempC: 12,
})
const go = { verdict: 'go', limit: '' } as const
const no = { verdict: 'no', limit: 'ground' } as const
const farm = {
  source: 'days at the station',
  topSoilWetness: 0.7,
  growingDegrees: 9,
  before: [weather(5), weather(6)],
  hours: [{ ...weather(7), time: '2027-05-22T00:00', stemWetnessMm: 0, drilling: go }],
} as unknown as Schemas['HoursView']
const wet = { fieldId: 'low', wetness: 1.05, hours: 0, limit: 'ground' }

describe('hours on this phone', () => {
  it('asks with the hours before, and judges from the first that is shown', () => {
    const asked = hoursQuestion(farm, [wet], 'low')
    expect(asked.hourly.tempC).toEqual([5, 6, 7])
    expect(asked.from).toBe(2)
    expect(asked.topSoilWetness).toBe(1.05)
  })

  it('takes the usual ground where a field has no cover', () => {
    expect(hoursQuestion(farm, [wet], 'other').topSoilWetness).toBe(0.7)
  })

  it('keeps the weather of an hour and takes what goes in it anew', async () => {
    vi.mocked(askHere).mockResolvedValue({ hours: [{ stemWetnessMm: 0.2, drilling: no }] })
    const got = await hoursHere(farm, [wet], { id: 'low', name: 'Low ground' })
    expect(got.field).toBe('Low ground')
    expect(got.topSoilWetness).toBe(1.05)
    expect(got.hours[0]).toMatchObject({ tempC: 7, stemWetnessMm: 0.2, drilling: no })
  })
})
