import { effectScope } from 'vue'
import { expect, it } from 'vitest'
import { useFewAtATime } from './fewAtATime'

const ids = Array.from({ length: 40 }, (_, i) => `f${i}`)
/** A server whose answers are let out one by one. */
function server() {
  const asked: string[][] = []
  const waiting: { answer: () => void; fail: () => void }[] = []
  const ask = (some: string[]) =>
    new Promise<{ id: string; n: number }[]>((answer, fail) => {
      asked.push(some)
      waiting.push({
        answer: () => answer(some.map((id) => ({ id, n: asked.length }))),
        fail: () => fail(new Error('the server is away')),
      })
    })
  const tick = () => new Promise((done) => setTimeout(done))
  return {
    asked,
    ask,
    answer: async () => (waiting.shift()!.answer(), await tick()),
    fail: async () => (waiting.shift()!.fail(), await tick()),
  }
}
const begin = () => {
  const s = server()
  const scope = effectScope()
  const batches = scope.run(() =>
    useFewAtATime(
      () => ids,
      s.ask,
      (a) => a.id,
    ),
  )!
  return { s, scope, batches }
}

it('shows the first soon, and asks for more at a time later', async () => {
  const { s, batches } = begin()
  const done = batches.goOn()
  expect(batches.running.value).toBe(true)
  await s.answer()
  expect([...batches.answers.value.keys()]).toEqual(['f0', 'f1'])
  for (let i = 0; i < 4; i++) await s.answer()
  await done
  expect(s.asked.map((a) => a.length)).toEqual([2, 4, 8, 16, 10])
  expect(s.asked.flat()).toEqual(ids)
  expect(batches.answers.value.size).toBe(40)
  expect(batches.running.value).toBe(false)
})

it('stops, keeps what is there, and goes on with what is not', async () => {
  const { s, batches } = begin()
  void batches.goOn()
  await s.answer()
  batches.stop()
  await s.answer()
  expect(batches.running.value).toBe(false)
  expect(batches.answers.value.size).toBe(2)
  expect(s.asked).toHaveLength(2)
  void batches.goOn()
  expect(s.asked[2]).toEqual(['f2', 'f3'])
})

it('says what went wrong, and lets go of the rest with its page', async () => {
  const { s, scope, batches } = begin()
  void batches.goOn()
  await s.fail()
  expect(batches.trouble.value).toBe('the server is away')
  expect(batches.running.value).toBe(false)
  void batches.again()
  expect(batches.trouble.value).toBe('')
  scope.stop()
  await s.answer()
  expect(batches.answers.value.size).toBe(0)
  expect(s.asked).toHaveLength(2)
})

it('counts what is answered with nothing, and does not ask for it again', async () => {
  const asked: string[][] = []
  const scope = effectScope()
  const batches = scope.run(() =>
    useFewAtATime<{ id: string }>(
      () => ['a', 'b'],
      async (some) => (asked.push(some), [{ id: 'a' }]),
      (a) => a.id,
    ),
  )!
  await batches.goOn()
  expect([...batches.done.value]).toEqual(['a', 'b'])
  await batches.goOn()
  expect(asked).toEqual([['a', 'b']])
  await batches.again()
  expect(asked).toHaveLength(2)
  scope.stop()
})
