import { expect, it } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { useAnswer } from './answer'

/** Answers that come when they are let, in any order. */
function slow() {
  const waiting: { come: (answer: string) => void; fail: (e: Error) => void }[] = []
  const put = () =>
    new Promise<string>((come, fail) => {
      waiting.push({ come, fail })
    })
  return { waiting, put }
}

const settle = async () => {
  for (let i = 0; i < 4; i++) await nextTick()
}

it('asks when words change and shows what is answered', async () => {
  const scope = effectScope()
  const words = ref('')
  const { waiting, put } = slow()
  const shown = scope.run(() => useAnswer(() => words.value, put))!
  await settle()
  expect(waiting).toHaveLength(0)
  words.value = 'one'
  await settle()
  waiting[0]!.come('first')
  await settle()
  expect(shown.answer.value).toBe('first')
  words.value = ''
  await settle()
  expect(shown.answer.value).toBeNull()
  expect(waiting).toHaveLength(1)
  scope.stop()
})

it('throws away what comes late to a question asked before', async () => {
  const scope = effectScope()
  const words = ref('one')
  const { waiting, put } = slow()
  const shown = scope.run(() => useAnswer(() => words.value, put))!
  words.value = 'two'
  await settle()
  waiting[1]!.come('second')
  await settle()
  waiting[0]!.come('first')
  await settle()
  expect(shown.answer.value).toBe('second')
  words.value = 'three'
  await settle()
  words.value = 'four'
  await settle()
  waiting[2]!.fail(new Error('late trouble'))
  waiting[3]!.come('fourth')
  await settle()
  expect(shown.trouble.value).toBe('')
  expect(shown.answer.value).toBe('fourth')
  scope.stop()
})

it('says what is refused, and forgets it with the next answer', async () => {
  const scope = effectScope()
  const words = ref('one')
  const { waiting, put } = slow()
  const shown = scope.run(() => useAnswer(() => words.value, put))!
  await settle()
  waiting[0]!.fail(new Error('The rate is above nought.'))
  await settle()
  expect(shown.trouble.value).toBe('The rate is above nought.')
  expect(shown.refusal.value?.message).toBe('The rate is above nought.')
  expect(shown.answer.value).toBeNull()
  words.value = 'two'
  await settle()
  waiting[1]!.come('ok')
  await settle()
  expect(shown.trouble.value).toBe('')
  expect(shown.refusal.value).toBeNull()
  scope.stop()
})
