import assert from 'node:assert/strict'
import { test } from 'vitest'
import { newestOnly } from './newest.ts'

interface Wish {
  day: number
}

/** Answers that are given when the test says so. */
function held() {
  const asked: { wish: Wish; answer: (a: string) => void; refuse: (e: Error) => void }[] = []
  const ask = (wish: Wish) =>
    new Promise<string>((answer, refuse) => asked.push({ wish, answer, refuse }))
  return { asked, ask }
}
const settled = () => new Promise((r) => setTimeout(r))

test('newest: what is wished while an answer is awaited is asked once, with the last wish', async () => {
  const { asked, ask } = held()
  const shown: string[] = []
  const wish = newestOnly(ask, (answer, w: Wish) => shown.push(`${w.day} ${answer}`))
  const first = wish({ day: 1 })
  void wish({ day: 2 })
  void wish({ day: 3 })
  assert.equal(asked.length, 1)
  asked[0]!.answer('a')
  await settled()
  assert.deepEqual(
    asked.map((a) => a.wish.day),
    [1, 3],
  )
  asked[1]!.answer('b')
  await first
  assert.deepEqual(shown, ['1 a', '3 b'])
})

test('newest: a refusal is thrown, and the next wish is asked again', async () => {
  const { asked, ask } = held()
  const shown: string[] = []
  const wish = newestOnly(ask, (answer) => shown.push(answer))
  const first = wish({ day: 1 })
  asked[0]!.refuse(new Error('before it is seeded'))
  await assert.rejects(first, /before it is seeded/)
  const second = wish({ day: 2 })
  asked[1]!.answer('good')
  await second
  assert.deepEqual(shown, ['good'])
})

test('newest: the refusal of a wish that was given up is not shown', async () => {
  const { asked, ask } = held()
  const shown: string[] = []
  const wish = newestOnly(ask, (answer) => shown.push(answer))
  const first = wish({ day: 1 })
  void wish({ day: 2 })
  asked[0]!.refuse(new Error('no'))
  await settled()
  asked[1]!.answer('yes')
  await first
  assert.deepEqual(shown, ['yes'])
})
