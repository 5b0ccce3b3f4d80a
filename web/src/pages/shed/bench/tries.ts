import type { Schemas } from '../../../api/client'

/** Settings that were tried with a seed, and with a gear where one is named. */
export function triesOf(
  notes: readonly Schemas['CalibrationView'][],
  species: string,
  gear: string,
): Schemas['Try'][] {
  return notes.flatMap((n) =>
    n.species === species &&
    (!gear || n.gear === gear) &&
    n.setting !== undefined &&
    n.rateKgPerHa !== undefined
      ? [{ setting: n.setting, rateKgPerHa: n.rateKgPerHa }]
      : [],
  )
}

/** A mix is kept under all of its species: it flows as none of them alone. */
export const mixName = (key: string, species: readonly { id: string; name: string }[]) =>
  key
    .split('+')
    .map((id) => species.find((s) => s.id === id)?.name ?? id)
    .join(' + ')
