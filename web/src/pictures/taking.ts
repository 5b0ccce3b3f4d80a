import { newId } from '../words/ids'
import { shrink } from './shrink'

/** A picture that was taken and is not sent yet. */
export interface Taken {
  id: string
  picture: Blob
  latitude?: number
  longitude?: number
  /** Whether its green cover is meant to be measured. */
  measure?: boolean
}

/** So long a phone may look for itself; then a picture goes without its place. */
const PATIENCE_MS = 4000

function here(): Promise<Pick<Taken, 'latitude' | 'longitude'>> {
  if (!('geolocation' in navigator)) return Promise.resolve({})
  return new Promise((yes) =>
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => yes({ latitude: coords.latitude, longitude: coords.longitude }),
      () => yes({}),
      { enableHighAccuracy: true, timeout: PATIENCE_MS, maximumAge: 30_000 },
    ),
  )
}

/**
 * Pictures as they were chosen, made ready for sending.
 *
 * @param placed whether where the phone is now is where they were taken, and may be kept
 */
export async function taken(files: Iterable<File>, placed: boolean): Promise<Taken[]> {
  const place = placed ? await here() : {}
  const all: Taken[] = []
  for (const file of files) all.push({ id: newId(), picture: await shrink(file), ...place })
  return all
}

/** What is said of it in its address. */
export function saidOf(t: Taken): string {
  const said = new URLSearchParams({ turned: 'true' })
  if (t.measure) said.set('measure', 'true')
  if (t.latitude !== undefined && t.longitude !== undefined) {
    said.set('latitude', String(t.latitude))
    said.set('longitude', String(t.longitude))
  }
  return said.toString()
}
