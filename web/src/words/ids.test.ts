import assert from 'node:assert/strict'
import { test } from 'vitest'
import { newId } from './ids.ts'

const FORM = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/

test('ids: of the right form and never the same, with and without the way of a browser', () => {
  const own = Object.getOwnPropertyDescriptor(crypto, 'randomUUID')
  for (const kept of [true, false]) {
    if (!kept) Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true })
    const ids = Array.from({ length: 500 }, newId)
    ids.forEach((id) => assert.match(id, FORM))
    assert.equal(new Set(ids).size, 500)
  }
  delete (crypto as { randomUUID?: unknown }).randomUUID
  if (own) Object.defineProperty(crypto, 'randomUUID', own)
})
