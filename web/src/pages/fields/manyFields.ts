import type { FieldView, Schemas } from '../../api/client'

type Input = Schemas['FieldInput']
type Crop = Schemas['CropView']
/** Something that is yes, no, or left as it is. */
export type Set = '' | 'yes' | 'no'

/** What is to change on several fields at once; what is empty stays as it is. */
export interface FieldChange {
  texture: string
  drainage: string
  tiled: Set
  organic: Set
  erodible: Set
  crop: string
  cropPlantedOn: string
  nextCrop: string
  nextPlantedOn: string
  leftOut: Set
  leftOutReason: string
}

export const unchanged = (): FieldChange => ({
  texture: '',
  drainage: '',
  tiled: '',
  organic: '',
  erodible: '',
  crop: '',
  cropPlantedOn: '',
  nextCrop: '',
  nextPlantedOn: '',
  leftOut: '',
  leftOutReason: '',
})

export const changesSomething = (c: FieldChange) =>
  Object.entries(c).some(([key, value]) => key !== 'leftOutReason' && !!value)

/** A stored field as it is sent. */
export function asInput(f: FieldView): Input {
  return {
    version: f.version,
    name: f.name,
    givenAreaHa: f.givenAreaHa,
    texture: f.texture,
    drainage: f.drainage,
    tiled: f.tiled,
    slopePercent: f.slopePercent,
    erodible: f.erodible,
    organic: f.organic,
    rotationNotes: f.rotationNotes,
    landlord: f.landlord,
    hazards: f.hazards,
    leftOutReason: f.leftOutReason,
    crop: { ...f.crop },
    nextCrop: { ...f.nextCrop },
  }
}

const yes = (set: Set, was: boolean) => (set ? set === 'yes' : was)

/** Another crop knows nothing of the days and the maturity of the one before. */
function crop(was: Crop, kind: string, plantedOn: string): Crop {
  const is = kind && kind !== was.kind ? { kind, rowSpacingM: was.rowSpacingM } : { ...was }
  return plantedOn && is.kind !== 'none' ? { ...is, plantedOn } : is
}

/** A field changed as all are. */
export function changedField(f: FieldView, c: FieldChange): Input {
  const was = asInput(f)
  return {
    ...was,
    texture: c.texture || was.texture,
    drainage: c.drainage || was.drainage,
    tiled: yes(c.tiled, was.tiled),
    organic: yes(c.organic, was.organic),
    erodible: yes(c.erodible, was.erodible),
    leftOutReason:
      c.leftOut === 'yes' ? c.leftOutReason : c.leftOut === 'no' ? undefined : was.leftOutReason,
    crop: crop(was.crop, c.crop, c.cropPlantedOn),
    nextCrop: crop(was.nextCrop, c.nextCrop, c.nextPlantedOn),
  }
}
