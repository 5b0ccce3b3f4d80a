import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import { useDisplay } from 'vuetify'
import { PAPER_WIDTH } from '../../parts/paper'

/** The page's widest, its edges on a phone and on a desk, and the least a furrow is drawn in. */
const [WIDEST, PHONE_EDGES, DESK_EDGES, LEAST] = [1500, 24, 94, 300] as const
/** What a name and its odds take of a sheet of paper. */
const [PAPER_LABEL, PAPER_ODDS] = [190, 120] as const
/** What a name and its odds take on a desk. */
const [LABEL, ODDS] = [244, 150] as const

/** How wide the parts of a season's rows are drawn: on a desk, on a phone, on paper. */
export function useWidths() {
  const { width: screen, smAndDown } = useDisplay()
  const printing = useMediaQuery('print')
  const narrow = computed(() => smAndDown.value && !printing.value)
  const of = (paper: number, desk: number) =>
    computed(() => (printing.value ? paper : narrow.value ? 0 : desk))
  const [labelWidth, oddsWidth] = [of(PAPER_LABEL, LABEL), of(PAPER_ODDS, ODDS)]
  const stripWidth = computed(() => {
    const edges = printing.value ? 0 : narrow.value ? PHONE_EDGES : DESK_EDGES
    const page = printing.value ? PAPER_WIDTH : Math.min(screen.value, WIDEST)
    return Math.max(LEAST, page - edges - labelWidth.value - oddsWidth.value)
  })
  return { narrow, labelWidth, oddsWidth, stripWidth }
}
