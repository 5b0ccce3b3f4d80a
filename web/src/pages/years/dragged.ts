import { useEventListener } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'

/** Fields and seasons a drag went over; rows are counted from the top, ends included. */
export interface Dragged {
  first: number
  last: number
  from: number
  to: number
}

interface Spot {
  row: number
  season: number
}

/** The season at a share of the strip's width. */
export function seasonAt(share: number, seasons: readonly number[]): number {
  const at = Math.floor(share * seasons.length)
  return seasons[Math.min(seasons.length - 1, Math.max(0, at))] ?? 0
}

/** What lies between two spots; nothing where they are one, which is a click. */
export function between(a: Spot, b: Spot): Dragged | null {
  if (a.row === b.row && a.season === b.season) return null
  return {
    first: Math.min(a.row, b.row),
    last: Math.max(a.row, b.row),
    from: Math.min(a.season, b.season),
    to: Math.max(a.season, b.season),
  }
}

/** A drag over a table of fields by years; `done` is called when it is let go. */
export function useDragged(seasons: Ref<readonly number[]>, done: () => void) {
  const begun = ref<Spot | null>(null)
  const over = ref<Dragged | null>(null)
  const spot = (row: number, share: number): Spot => ({
    row,
    season: seasonAt(share, seasons.value),
  })
  useEventListener('pointerup', () => {
    if (begun.value && over.value) done()
    begun.value = null
  })
  return {
    over: computed(() => over.value),
    start(row: number, share: number) {
      begun.value = spot(row, share)
      over.value = null
    },
    to(row: number, share: number) {
      if (begun.value) over.value = between(begun.value, spot(row, share))
    },
    /** What it has taken of a row's strip, in pixels. */
    of(row: number, width: number) {
      const d = over.value
      if (!d || row < d.first || row > d.last) return null
      const one = width / seasons.value.length
      return {
        left: seasons.value.indexOf(d.from) * one,
        width: (d.to - d.from + 1) * one,
      }
    },
    clear() {
      over.value = null
    },
  }
}
