import { useEventListener } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { around, inside, levelOf, shifted, zoomed, type Level, type View } from './zoom'

/** How much a step of a key or a button goes closer, how much a wheel's notch does, and a key moves. */
const [STEP, NOTCH, MOVES] = [1.6, 1.0022, 0.15]

/** What an axis is about. */
export interface Axis {
  /** What is looked at first. */
  season: Ref<View | undefined>
  /** The farthest that can be looked at. */
  bounds: Ref<View | undefined>
  /** The day that a month is about. */
  anchor: Ref<string | undefined>
  /** The day from which hours are known; none of another season. */
  today: Ref<string | undefined>
  /** What is looked at before anybody chooses. */
  first?: Level
  /** Where in the box the axis lies, px; all over it where nothing is said. */
  strip?: Readonly<Ref<{ left: number; width: number }>>
}

/**
 * Looks closer at an axis and farther away, by wheel, pinch, keys and buttons.
 *
 * @param box what the axis is drawn in
 */
export function useZoom(
  box: Readonly<Ref<HTMLElement | null>>,
  { season, bounds, anchor, today, first = 'season', strip }: Axis,
) {
  /** All there is, also when more of it comes later; or a part. */
  const chosen = ref<View | 'all'>()
  const view = computed<View | undefined>(() => {
    if (!bounds.value || !season.value) return season.value
    if (!chosen.value)
      return anchor.value ? around(first, anchor.value, season.value, bounds.value) : season.value
    return chosen.value === 'all' ? bounds.value : inside(chosen.value, bounds.value)
  })
  const level = computed<Level>(() => (view.value ? levelOf(view.value) : 'season'))
  // Another field or season begins whole.
  watch(
    () => season.value?.start,
    () => (chosen.value = undefined),
  )

  function go(to: Level) {
    if (to === 'years') return void (chosen.value = 'all')
    const day = (to === 'days' && today.value) || anchor.value
    if (season.value && bounds.value && day)
      chosen.value = around(to, day, season.value, bounds.value)
  }
  function closer(factor: number, share = 0.5) {
    if (view.value && bounds.value)
      chosen.value = zoomed(view.value, 1 / factor, share, bounds.value)
  }
  function along(days: number) {
    if (view.value && bounds.value) chosen.value = shifted(view.value, days, bounds.value)
  }
  /** Where the axis lies and how wide it is; at least a pixel. */
  function drawn() {
    const around = box.value?.getBoundingClientRect()
    const { left, width } = strip?.value ?? { left: 0, width: around?.width ?? 0 }
    return { left: (around?.left ?? 0) + left, width: Math.max(1, width) }
  }
  function shareOf(clientX: number): number {
    const { left, width } = drawn()
    return (clientX - left) / width
  }

  // A wheel alone turns the page; with Ctrl, as a pinch on a touchpad comes, it looks closer.
  useEventListener(
    box,
    'wheel',
    (event: WheelEvent) => {
      const days = view.value?.days ?? 0
      if (event.ctrlKey || event.metaKey) {
        event.preventDefault()
        closer(NOTCH ** -event.deltaY, shareOf(event.clientX))
      } else if (Math.abs(event.deltaX) > Math.abs(event.deltaY)) {
        event.preventDefault()
        along((event.deltaX / drawn().width) * days)
      }
    },
    { passive: false },
  )

  useEventListener(box, 'keydown', (event: KeyboardEvent) => {
    const days = view.value?.days ?? 0
    if (event.key === '+' || event.key === '=') closer(STEP)
    else if (event.key === '-') closer(1 / STEP)
    else if (event.key === '0') go('season')
    else if (event.key === 'ArrowLeft') along(-Math.max(1, MOVES * days))
    else if (event.key === 'ArrowRight') along(Math.max(1, MOVES * days))
    else return
    event.preventDefault()
    event.stopPropagation()
  })

  // One finger or the mouse moves along, two look closer.
  const held = new Map<number, number>()
  const moving = ref(false)
  let was: { view: View; at: number; apart: number } | undefined
  const middle = () => [...held.values()].reduce((a, b) => a + b, 0) / held.size
  const apart = () => Math.abs([...held.values()].reduce((a, b) => a - b))
  function begin() {
    moving.value = held.size > 0
    was = view.value && held.size ? { view: view.value, at: middle(), apart: apart() } : undefined
  }
  useEventListener(box, 'pointerdown', (event: PointerEvent) => {
    if ((event.target as Element).closest('[role=slider], button, a, input, [role=button]')) return
    const share = shareOf(event.clientX)
    if (share < 0 || share > 1) return
    held.set(event.pointerId, event.clientX)
    begin()
  })
  useEventListener(window, 'pointermove', (event: PointerEvent) => {
    if (!held.has(event.pointerId) || !was || !bounds.value) return
    held.set(event.pointerId, event.clientX)
    const { width } = drawn()
    const pinched = held.size > 1 && was.apart > 1 && apart() > 1
    const grown = pinched
      ? zoomed(was.view, was.apart / apart(), shareOf(was.at), bounds.value)
      : was.view
    chosen.value = shifted(grown, ((was.at - middle()) / width) * grown.days, bounds.value)
  })
  useEventListener(window, ['pointerup', 'pointercancel'], (event: PointerEvent) => {
    if (held.delete(event.pointerId)) begin()
  })

  return { view, level, moving, go, closer: () => closer(STEP), farther: () => closer(1 / STEP) }
}
