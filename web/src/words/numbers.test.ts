import assert from 'node:assert/strict'
import { test } from 'vitest'
import { readNumber } from './numbers.ts'

const us = (text: string) => readNumber(text, 'us').value
const metric = (text: string) => readNumber(text, 'metric').value

test('numbers: as they are written', () => {
  assert.equal(us('60'), 60)
  assert.equal(us('0.5'), 0.5)
  assert.equal(us('.5'), 0.5)
  assert.equal(us(' −3 '), -3)
  assert.equal(us('1,200'), 1200)
  assert.equal(us('1,200,500'), 1200500)
  assert.equal(us('12,000.25'), 12000.25)
  assert.equal(us('1 200'), 1200)
  assert.equal(metric('1.200'), 1.2)
})

test('numbers: a decimal comma where it can be nothing else', () => {
  assert.equal(us('1,2'), 1.2)
  assert.equal(metric('0,75'), 0.75)
  assert.equal(metric('1.234,5'), 1234.5)
  assert.equal(metric('1234,567'), 1234.567)
})

test('numbers: what could be either is asked, not guessed', () => {
  const asked = readNumber('1,200', 'metric')
  assert.equal(asked.value, undefined)
  assert.match(asked.problem, /could be 1200 or 1\.200/)
})

test('numbers: nonsense is said, nothing is nothing', () => {
  for (const text of [
    'abc',
    '1,2,3',
    '1.2.3',
    '12,34.5',
    '1e5',
    'NaN',
    'Infinity',
    '--1',
    '5 kg',
  ]) {
    assert.equal(us(text), undefined, text)
    assert.match(readNumber(text, 'us').problem, /is not a number/)
  }
  assert.deepEqual(readNumber('  ', 'us'), { problem: '' })
})
