import type { Schemas } from '../api/client'
import { askHere } from './ask'

/*
 * A field's hours by the core on this phone, out of the farm's hours and the ground of its fields, where
 * no server answers.
 */
type Hours = Schemas['HoursView']
type Ground = Schemas['GroundView']
type Judged = Pick<
  Schemas['HourView'],
  'stemWetnessMm' | 'topSoilWetness' | 'rolling' | 'spraying' | 'air' | 'drilling'
>
const WEATHER = [
  'tempC',
  'dewPointC',
  'windMPerS',
  'gustMPerS',
  'rainMm',
  'solarWPerM2',
  'soilTempC',
] as const

/** What core takes: the weather in columns, and the ground it falls on. */
export function hoursQuestion(farm: Hours, ground: readonly Ground[], fieldId: string) {
  const all = [...farm.before, ...farm.hours]
  return {
    hourly: Object.fromEntries(WEATHER.map((w) => [w, all.map((h) => h[w])])),
    topSoilWetness: ground.find((g) => g.fieldId === fieldId)?.wetness ?? farm.topSoilWetness,
    from: farm.before.length,
  }
}

/** The farm's hours on the ground of one of its fields. */
export async function hoursHere(
  farm: Hours,
  ground: readonly Ground[],
  field: { id: string; name: string },
): Promise<Hours> {
  const question = hoursQuestion(farm, ground, field.id)
  const { hours } = await askHere<{ hours: Judged[] }>('bench', ['field-hours', question])
  return {
    ...farm,
    field: field.name,
    topSoilWetness: question.topSoilWetness,
    hours: farm.hours.map((h, i) => ({ ...h, ...hours[i] })),
  }
}
