import assert from 'node:assert/strict'
import { beforeEach, test } from 'vitest'
import { Refusal } from '../api/client'
import { attempt } from './attempt'
import { notice } from './notice'

beforeEach(() => {
  notice.open = false
  notice.text = ''
})

test('attempt: what is done is given back and nothing is said', async () => {
  assert.equal(await attempt(() => Promise.resolve(7)), 7)
  assert.equal(notice.open, false)
})

test('attempt: what is refused is said with the server’s sentence', async () => {
  const refused = () => Promise.reject(new Refusal(422, 'The lot is not in the bin.'))
  assert.equal(await attempt(refused), undefined)
  assert.equal(notice.open, true)
  assert.equal(notice.text, 'The lot is not in the bin.')
})

test('attempt: a form that shows a refusal itself takes it, a fault of the program is said all the same', async () => {
  const taken: Refusal[] = []
  const refusal = new Refusal(422, 'Wrong.', [{ path: 'rate', message: 'too much' }])
  await attempt(
    () => Promise.reject(refusal),
    (r) => taken.push(r),
  )
  assert.equal(taken[0]!.at('rate'), 'too much')
  assert.equal(notice.open, false)
  await attempt(
    () => Promise.reject(new TypeError('no such thing')),
    (r) => taken.push(r),
  )
  assert.equal(taken.length, 1)
  assert.equal(notice.text, 'no such thing')
})
