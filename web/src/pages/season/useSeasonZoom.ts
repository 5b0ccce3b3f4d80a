import { computed, type Ref } from 'vue'
import type { SeasonView } from '../../api/client'
import { useRead } from '../../farm/data'
import { useZoom } from '../../furrow/axis/useZoom'
import { WEEKS } from '../../furrow/shapes'
import { within } from '../../furrow/scale'

/** How much of a season its rows show, all of them alike: the whole, a month, or days with their hours. */
export function useSeasonZoom(
  box: Readonly<Ref<HTMLElement | null>>,
  shown: Readonly<Ref<SeasonView | undefined>>,
  strip: Readonly<Ref<{ left: number; width: number }>>,
) {
  const season = computed(() => shown.value && { start: shown.value.start, days: (WEEKS - 1) * 7 })
  const today = computed(() => {
    const day = shown.value?.farm.today
    return day && season.value && within({ ...season.value, width: 1 }, day) ? day : undefined
  })
  const zoom = useZoom(box, {
    season,
    bounds: season,
    anchor: computed(() => today.value ?? season.value?.start),
    today,
    strip,
  })
  /** The part that is looked at; nothing while it is all of it. */
  const part = computed(() =>
    zoom.view.value && zoom.view.value.days !== season.value?.days ? zoom.view.value : undefined,
  )
  const { data: hours } = useRead('/api/farms/{farmId}/hours', () =>
    zoom.level.value === 'days' && today.value ? {} : null,
  )
  return { ...zoom, part, hours }
}
