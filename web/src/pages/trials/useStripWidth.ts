import { ref, watch, type Ref } from 'vue'
import type { Schemas } from '../../api/client'
import { consider } from '../../farm/data'
import { newestOnly } from '../../farm/newest'

export interface WidthAsked {
  /** Working widths, the planter's first. */
  widths: number[]
  head: number | undefined
  guard: number | undefined
  treatments: number
  replicates: number
  across: number
}

/** The smallest strip that all machines make, asked again whenever they change. */
export function useStripWidth(asked: Ref<WidthAsked>) {
  const width = ref<Schemas['StripWidth']>()
  const wrong = ref('')
  const wish = newestOnly(
    (q: WidthAsked) =>
      consider('/api/bench/strips', {
        body: {
          machineWidthsM: q.widths,
          harvestWidthM: q.head ?? 0,
          guardM: q.guard ?? 0,
          treatments: q.treatments,
          replicates: q.replicates,
          fieldWidthM: q.across,
        },
      }),
    (answer) => {
      width.value = answer
      wrong.value = ''
    },
  )
  watch(
    asked,
    (q) => {
      if (!q.widths.length) return
      wish(q).catch((e: Error) => {
        width.value = undefined
        wrong.value = e.message
      })
    },
    { deep: true, immediate: true },
  )
  return { width, wrong }
}
