import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { effectScope, nextTick, ref, type EffectScope } from 'vue'
import { between } from '../../words/days'
import { useZoom } from './useZoom'
import type { View } from './zoom'

/** As much of an element as an axis needs: a thousand pixels wide, a hundred from the left. */
class Box extends EventTarget {
  clientWidth = 1000
  getBoundingClientRect = () => ({ left: 100, width: 1000 })
  closest = (): unknown => null
}
const event = (type: string, more: object) =>
  Object.assign(new Event(type, { cancelable: true }), more)
const season = { start: '2026-07-06', days: 392 }

let scope: EffectScope
let box: Box
let page: EventTarget
beforeEach(() => {
  scope = effectScope()
  box = new Box()
  page = new EventTarget()
  Object.assign(globalThis, { window: page })
})
afterEach(() => {
  scope.stop()
  Reflect.deleteProperty(globalThis, 'window')
})

function axis(first?: 'month', strip = { left: 0, width: 1000 }) {
  const bounds = ref<View | undefined>({ start: '2023-05-01', days: 2000 })
  const whole = ref<View | undefined>(season)
  const zoom = scope.run(() =>
    useZoom(ref(box as unknown as HTMLElement), {
      season: whole,
      bounds,
      anchor: ref('2026-09-24'),
      today: ref('2026-09-12'),
      first,
      strip: ref(strip),
    }),
  )!
  const held = (id: number, clientX: number) => ({ pointerId: id, clientX })
  return {
    zoom,
    bounds,
    whole,
    key: (key: string) => box.dispatchEvent(event('keydown', { key })),
    wheel: (more: object) => box.dispatchEvent(event('wheel', { deltaX: 0, deltaY: 0, ...more })),
    down: (id: number, x: number) => box.dispatchEvent(event('pointerdown', held(id, x))),
    move: (id: number, x: number) => page.dispatchEvent(event('pointermove', held(id, x))),
    up: (id: number) => page.dispatchEvent(event('pointerup', held(id, 0))),
  }
}

describe('an axis', () => {
  it('begins with the season, or closer where it is about a day', () => {
    expect(axis().zoom.view.value).toEqual(season)
    const near = axis('month').zoom
    expect(near.level.value).toBe('month')
    expect(near.view.value?.start).toBe('2026-09-01')
  })
  it('goes to a level about its day, and to hours from today', () => {
    const { zoom } = axis()
    zoom.go('month')
    expect(zoom.view.value).toEqual({ start: '2026-09-01', days: 46 })
    zoom.go('days')
    expect(zoom.view.value).toEqual({ start: '2026-09-12', days: 3 })
  })
  it('shows all years there are, also those that are known later', () => {
    const { zoom, bounds } = axis()
    zoom.go('years')
    bounds.value = { start: '2022-01-01', days: 3000 }
    expect(zoom.view.value).toEqual(bounds.value)
  })
  it('begins anew with another field', async () => {
    const { zoom, whole } = axis()
    zoom.go('days')
    whole.value = { start: '2025-07-07', days: 392 }
    await nextTick()
    expect(zoom.view.value).toEqual(whole.value)
  })
  it('looks closer and farther by keys, and moves along', () => {
    const { zoom, key } = axis()
    key('+')
    expect(zoom.view.value?.days).toBe(245)
    key('-')
    expect(zoom.view.value?.days).toBe(392)
    key('ArrowRight')
    expect(between(season.start, zoom.view.value!.start)).toBe(59)
    key('ArrowLeft')
    key('0')
    expect(zoom.view.value).toEqual(season)
    // Other keys are the page's own.
    expect(key('x')).toBe(true)
    expect(key('+')).toBe(false)
  })
  it('takes the wheel with Ctrl alone, about the day under it', () => {
    const { zoom, wheel } = axis()
    wheel({ deltaY: -300 })
    expect(zoom.view.value).toEqual(season)
    wheel({ deltaY: -300, ctrlKey: true, clientX: 100 })
    expect(zoom.view.value!.days).toBeLessThan(220)
    expect(zoom.view.value!.start).toBe(season.start)
    const { days } = zoom.view.value!
    wheel({ deltaX: 500, deltaY: 1 })
    expect(between(season.start, zoom.view.value!.start)).toBe(Math.round(days / 2))
  })
  it('is moved by a hand, held meanwhile, and looked at closer by two', () => {
    const { zoom, down, move, up } = axis()
    down(1, 600)
    expect(zoom.moving.value).toBe(true)
    move(1, 500)
    expect(between(season.start, zoom.view.value!.start)).toBe(39)
    up(1)
    expect(zoom.moving.value).toBe(false)
    move(1, 100)
    expect(between(season.start, zoom.view.value!.start)).toBe(39)
    down(1, 500)
    down(2, 700)
    move(1, 400)
    move(2, 800)
    expect(zoom.view.value!.days).toBe(196)
  })
  it('counts from where it lies in its box, and leaves what is beside it alone', () => {
    const { zoom, down, move, up } = axis(undefined, { left: 240, width: 500 })
    down(1, 300)
    move(1, 250)
    expect(zoom.view.value).toEqual(season)
    up(1)
    down(1, 600)
    move(1, 550)
    // A tenth of the axis' width, not a twentieth of the box'.
    expect(between(season.start, zoom.view.value!.start)).toBe(39)
  })
  it('leaves what is held on it alone', () => {
    const { zoom, down, move } = axis()
    box.closest = () => box
    down(1, 600)
    move(1, 500)
    expect(zoom.view.value).toEqual(season)
  })
})
