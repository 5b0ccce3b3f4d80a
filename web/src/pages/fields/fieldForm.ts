import { Refusal, type FieldView, type Schemas } from '../../api/client'
import { readNumber } from '../../words/numbers'
import { shown, toSi, type UnitSystem } from '../../words/units'
import { crops, drainages, soils } from '../field/names'
import { asInput } from './manyFields'

type Input = Schemas['FieldInput']
type Crop = Schemas['CropView']
/** A field as it is being written: numbers as they are typed. */
export interface FieldForm {
  input: Input
  area: string
  leftOut: boolean
}

export function blank(): FieldForm {
  const input: Input = {
    name: '',
    texture: 'siltLoam',
    drainage: 'moderate',
    tiled: false,
    slopePercent: 0,
    erodible: false,
    organic: false,
    rotationNotes: '',
    landlord: '',
    hazards: '',
    crop: { kind: 'corn' },
    nextCrop: { kind: 'soybean' },
  }
  return { input, area: '', leftOut: false }
}

/** The form of a field that is stored. */
export function formOf(f: FieldView, system: UnitSystem): FieldForm {
  const ha = f.givenAreaHa
  const input = asInput(f)
  const area = ha ? String(Number(shown(ha, 'HA', system).toFixed(2))) : ''
  return { input, area, leftOut: !!f.leftOutReason }
}

/**
 * What is sent of a form.
 *
 * @throws Refusal with the place of each number that cannot be read
 */
export function inputOf({ input, area, leftOut }: FieldForm, system: UnitSystem): Input {
  const wrong: { path: string; message: string }[] = []
  const number = (path: string, typed: unknown): number | undefined => {
    const { value, problem } = readNumber(String(typed ?? ''), system)
    if (problem) wrong.push({ path, message: problem })
    return value
  }
  const tidy = (path: string, c: Crop): Crop => ({
    ...c,
    plantedOn: c.plantedOn || undefined,
    harvestOn: c.harvestOn || undefined,
    maturity: number(`${path}.maturity`, c.maturity),
  })
  const given = number('givenAreaHa', area)
  const body: Input = {
    ...input,
    slopePercent: number('slopePercent', input.slopePercent) ?? 0,
    givenAreaHa: given === undefined ? undefined : toSi(given, 'HA', system),
    leftOutReason: leftOut ? (input.leftOutReason ?? '') : undefined,
    crop: tidy('crop', input.crop),
    nextCrop: tidy('nextCrop', input.nextCrop),
  }
  if (wrong.length) throw new Refusal(422, wrong[0]!.message, wrong)
  return body
}

/** Rows of a conflict: what one wrote and what stands now, where they differ. */
export function conflicts(
  mine: Input,
  theirs: FieldView,
): [what: string, mine: string, theirs: string][] {
  const yesNo = (on: boolean) => (on ? 'yes' : 'no')
  const rows: [string, (f: Input | FieldView) => unknown][] = [
    ['name', (f) => f.name],
    ['soil', (f) => soils[f.texture]],
    ['drainage', (f) => drainages[f.drainage]],
    ['tiled', (f) => yesNo(f.tiled)],
    ['slope', (f) => f.slopePercent],
    ['organic', (f) => yesNo(f.organic)],
    ['crop', (f) => crops[f.crop.kind]],
    ['planted', (f) => f.crop.plantedOn],
    ['harvest', (f) => f.crop.harvestOn],
    ['next crop', (f) => crops[f.nextCrop.kind]],
    ['next planted', (f) => f.nextCrop.plantedOn],
    ['notes', (f) => f.rotationNotes],
    ['landlord', (f) => f.landlord],
    ['hazards', (f) => f.hazards],
    ['left out', (f) => f.leftOutReason],
  ]
  const said = (value: unknown) => String(value || '–')
  return rows
    .map(([what, of]): [string, string, string] => [what, said(of(mine)), said(of(theirs))])
    .filter(([, a, b]) => a !== b)
}
