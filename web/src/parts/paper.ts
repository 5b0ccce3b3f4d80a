import { useElementSize, useMediaQuery } from '@vueuse/core'
import { computed, type Ref } from 'vue'

/** What fits between the margins of Letter and of A4, in the browser's own points. */
export const PAPER_WIDTH = 690

/** How wide a drawing is to be: as its box on the screen, as the sheet on paper. */
export function useRoom(box: Ref<HTMLElement | null | undefined>, atFirst = 0) {
  const { width } = useElementSize(box, { width: atFirst, height: 0 })
  const printing = useMediaQuery('print')
  return computed(() => (printing.value ? PAPER_WIDTH : width.value))
}
