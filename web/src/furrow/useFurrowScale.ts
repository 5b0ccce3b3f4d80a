import { computed } from 'vue'
import type { View } from './axis/zoom'
import { x, type DayScale } from './scale'
import { WEEKS } from './shapes'

/** Days of a season as it is drawn. */
const DAYS = (WEEKS - 1) * 7

/** How a season is drawn along its width. */
export interface Drawn {
  start: string
  width: number
  /** The part of it that is looked at; all of it where none is given. */
  view?: View
}

/** Where the days of a season lie, when all of it is looked at or a part. */
export function useFurrowScale(props: Drawn) {
  const scale = computed<DayScale>(() => ({
    start: props.view?.start ?? props.start,
    days: props.view?.days ?? DAYS,
    width: props.width,
  }))
  /** How wide the whole season is, also when only a part of it is seen, and where it begins. */
  const whole = computed(() => (props.width * DAYS) / scale.value.days)
  const begins = computed(() => x(scale.value, props.start))
  return { scale, whole, begins }
}
