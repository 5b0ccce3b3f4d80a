import assert from 'node:assert/strict'
import { test } from 'vitest'
import { ref } from 'vue'
import type { PlanInput } from '../api/client'
import type { Mark } from './furrowMarks.ts'
import { movedPlan, useMoving } from './useMoving.ts'

const plan = { seedOn: '2026-09-20', endOn: '2027-05-20' } as PlanInput
const seed = { id: 'seed', day: plan.seedOn, movable: true } as Mark

test('moving: a cover is never ended before it is seeded', () => {
  assert.equal(movedPlan(plan, 'seed', '2026-09-21')?.seedOn, '2026-09-21')
  assert.equal(movedPlan(plan, 'seed', '2027-05-19')?.seedOn, '2027-05-19')
  assert.equal(movedPlan(plan, 'seed', '2027-05-20'), null)
  assert.equal(movedPlan(plan, 'end', '2026-09-20'), null)
  assert.equal(movedPlan(plan, 'end', '2026-09-21')?.endOn, '2026-09-21')
  assert.equal(movedPlan(plan, 'end', plan.endOn), null, 'no change is no move')
})

function bench() {
  const said: string[] = []
  const scale = ref({ start: '2026-07-01', days: 392, width: 784 })
  const box = { left: 10, width: 784 }
  const svg = ref({ getBoundingClientRect: () => box } as unknown as SVGSVGElement)
  const moving = useMoving(svg, scale, ref(plan), {
    move: (p) => said.push(`${p.seedOn} ${p.endOn}`),
    keep: () => said.push('keep'),
    drop: () => said.push('drop'),
  })
  const press = (key: string, shiftKey = false) => {
    let stopped = false
    const event = { key, shiftKey, preventDefault: () => (stopped = true), stopPropagation() {} }
    moving.key(seed, event as unknown as KeyboardEvent)
    return stopped
  }
  return { said, moving, press }
}

test('moving: arrows go a day, with shift a week; other keys are left to the page', () => {
  const { said, press } = bench()
  assert.ok(press('ArrowRight'))
  assert.ok(press('ArrowLeft', true))
  assert.ok(press('Enter'))
  assert.ok(press('Escape'))
  assert.ok(!press('u'))
  assert.deepEqual(said, ['2026-09-21 2027-05-20', '2026-09-13 2027-05-20', 'keep', 'drop'])
})

test('moving: a mark keeps the place where it was gripped, and lies still once let go', () => {
  const { said, moving } = bench()
  const at = (clientX: number) =>
    ({
      clientX,
      pointerId: 1,
      preventDefault() {},
      currentTarget: { setPointerCapture() {} },
    }) as unknown as PointerEvent
  moving.drag(at(300))
  assert.deepEqual(said, [], 'nothing is held yet')
  // Its day lies 81 days, so 162 points, from the start; gripped three points to the right of it.
  moving.down(seed, at(10 + 162 + 3))
  moving.drag(at(10 + 162 + 3 + 10))
  assert.deepEqual(said, ['2026-09-25 2027-05-20'])
  moving.release()
  moving.drag(at(500))
  assert.equal(said.length, 1)
})
