import type { Schemas } from '../api/client'

export type Picture = Schemas['PictureView']

/** Others of the same spot; where a picture's place is not known, all the field's others. */
export function besides(all: Picture[], one: Picture): Picture[] {
  const others = all.filter((p) => p.id !== one.id)
  const here = others.filter((p) => p.spot >= 0 && p.spot === one.spot)
  return here.length ? here : others
}

/** Which of them tells most beside it: of the same spot, the day farthest away. */
export function beside(all: Picture[], one: Picture): Picture | undefined {
  const far = (p: Picture) => Math.abs(Date.parse(p.takenOn) - Date.parse(one.takenOn))
  return besides(all, one)
    .filter((p) => p.spot >= 0 && p.spot === one.spot)
    .sort((a, b) => far(b) - far(a))[0]
}

/** The two in the order of their days. */
export const inOrder = (a: Picture, b: Picture): [Picture, Picture] =>
  a.takenOn <= b.takenOn ? [a, b] : [b, a]
