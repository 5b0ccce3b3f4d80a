import { useSessionStorage } from '@vueuse/core'
import { ref } from 'vue'

let farm: () => string = () => ''

/** Says which farm is open; the session does, once. */
export function farmIs(now: () => string) {
  farm = now
}

/** The id of the farm that is open; empty before one is. */
export const farmNow = () => farm()

/** The season that is looked at in this window; none is the season of the farm's day. */
export const seasonLooked = useSessionStorage<number | null>('season', null, {
  serializer: { read: (text) => Number(text) || null, write: (year) => String(year ?? '') },
})

/** The cover of a field that is looked at, by its id, or “new” for one to come; none is the one that is on. */
export const linkLooked = ref<string | null>(null)

/** What is looked at, as requests of an address say it. */
export function looked(address: string): { season?: number; link?: string } {
  if (!address.includes('{farmId}')) return {}
  const season = seasonLooked.value === null ? {} : { season: seasonLooked.value }
  const one = address.includes('{fieldId}') && linkLooked.value !== null
  return one ? { ...season, link: linkLooked.value ?? undefined } : season
}
