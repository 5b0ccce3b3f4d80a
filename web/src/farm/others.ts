import { watch } from 'vue'
import { useSession } from '../session'
import { heard, useRead } from './data'

/** So often an open page asks whether somebody has changed the farm. */
const EVERY_MS = 10_000

/** What others change is seen on a page that is left open. */
export function useOthers() {
  const session = useSession()
  const { data } = useRead(
    '/api/farms/{farmId}/changes',
    () => (session.farm ? {} : null),
    () => EVERY_MS,
  )
  watch(
    () => [session.farm?.id, data.value?.count] as const,
    ([farm, count], [farmBefore, before]) => {
      if (before && count && count !== before && farm === farmBefore) heard()
    },
  )
}
