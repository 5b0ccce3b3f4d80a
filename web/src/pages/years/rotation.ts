import type { Schemas } from '../../api/client'

type Year = Schemas['RotationYear']
type Cover = Schemas['RotationCover']

export function blankYear(crop = 'corn'): Year {
  return { crop }
}

/** The species of a cover and their rates; nothing where there is none. */
export function coverOf(
  species: readonly { id: string; drilledKgPerHa: { typical: number } }[],
  id: string,
  was?: Cover | null,
): Cover | undefined {
  const found = species.find((s) => s.id === id)
  if (!found) return undefined
  const components = [{ species: id, rateKgPerHa: found.drilledKgPerHa.typical }]
  return {
    purposes: was?.purposes ?? ['holdSoil'],
    components,
    method: was?.method ?? 'drill',
    seedOn: was?.seedOn ?? '',
    ending: was?.ending ?? 'sprayEarly',
    endOn: was?.endOn ?? '',
  }
}

/** Days of the year are typed as 9-5 or 09/05 as well. */
export function dayOfYear(typed: string): string {
  const parts = /^\s*(\d{1,2})\s*[-/. ]\s*(\d{1,2})\s*$/.exec(typed)
  return parts ? `${parts[1]?.padStart(2, '0')}-${parts[2]?.padStart(2, '0')}` : typed.trim()
}

/** What is sent of a rotation as it is being written. */
export function trimmed(r: Schemas['RotationView']): Schemas['RotationView'] {
  return {
    ...r,
    years: r.years.map((y) =>
      y.cover
        ? {
            ...y,
            cover: {
              ...y.cover,
              seedOn: dayOfYear(y.cover.seedOn),
              endOn: dayOfYear(y.cover.endOn),
            },
          }
        : y,
    ),
  }
}
