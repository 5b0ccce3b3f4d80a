import { ref, type Ref } from 'vue'
import type { PlanInput } from '../api/client'
import { plus } from '../words/days'
import type { Mark } from './furrowMarks'
import { dayAt, x, type DayScale } from './scale'

/** A week at a time with the shift key. */
const WEEK = 7

/**
 * A plan with one of its ends on another day, or nothing where that is no change or would end the
 * cover before it is seeded.
 */
export function movedPlan(plan: PlanInput, id: 'seed' | 'end', day: string): PlanInput | null {
  if (id === 'seed')
    return day < plan.endOn && day !== plan.seedOn ? { ...plan, seedOn: day } : null
  return day > plan.seedOn && day !== plan.endOn ? { ...plan, endOn: day } : null
}

/** Moves the marks of a furrow by pointer and by keys. */
export function useMoving(
  svg: Ref<SVGSVGElement | undefined>,
  scale: Ref<DayScale>,
  plan: Ref<PlanInput | undefined>,
  say: { move: (plan: PlanInput) => void; keep: () => void; drop: () => void },
) {
  const held = ref<'seed' | 'end' | null>(null)
  let grip = 0

  function place(event: PointerEvent): number {
    const box = svg.value?.getBoundingClientRect()
    return box ? ((event.clientX - box.left) / box.width) * scale.value.width : 0
  }
  function moved(id: 'seed' | 'end', day: string) {
    const to = plan.value && movedPlan(plan.value, id, day)
    if (to) say.move(to)
  }
  function down(mark: Mark, event: PointerEvent) {
    if (!mark.movable || mark.id === 'plant') return
    event.preventDefault()
    held.value = mark.id
    grip = place(event) - x(scale.value, mark.day)
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  }
  function drag(event: PointerEvent) {
    if (held.value) moved(held.value, dayAt(scale.value, place(event) - grip))
  }
  function key(mark: Mark, event: KeyboardEvent) {
    if (event.key === 'Enter') say.keep()
    else if (event.key === 'Escape') say.drop()
    else if (mark.movable && mark.id !== 'plant' && /^Arrow(Left|Right)$/.test(event.key)) {
      const step = (event.shiftKey ? WEEK : 1) * (event.key === 'ArrowLeft' ? -1 : 1)
      moved(mark.id, plus(mark.day, step))
    } else return
    event.preventDefault()
    event.stopPropagation()
  }
  const release = () => (held.value = null)
  return { down, drag, release, key }
}
