import { beforeAll, describe, expect, it, vi } from 'vitest'
import { ask, asked } from './ask'

const leaving: ((event: { preventDefault: () => void }) => void)[] = []
vi.stubGlobal('window', {
  addEventListener: (_: string, listener: (event: { preventDefault: () => void }) => void) =>
    leaving.push(listener),
})
let shell: typeof import('./unsaved')
beforeAll(async () => (shell = await import('./unsaved')))

describe('what is not kept', () => {
  it('is asked about before a page is left, and only then', async () => {
    let dirty = false
    const forget = shell.guard('The plan of Ridge Road', () => dirty)
    expect(await shell.mayLeave()).toBe(true)
    expect(asked.value).toBeNull()
    dirty = true
    const stays = shell.mayLeave()
    expect(asked.value?.text).toBe('The plan of Ridge Road is not kept yet.')
    asked.value?.answer(false)
    expect(await stays).toBe(false)
    const goes = shell.mayLeave()
    asked.value?.answer(true)
    expect(await goes).toBe(true)
    forget()
    expect(await shell.mayLeave()).toBe(true)
  })

  it('holds the window back', () => {
    const held = vi.fn()
    leaving[0]?.({ preventDefault: held })
    expect(held).not.toHaveBeenCalled()
    const forget = shell.guard('A machine', () => true)
    leaving[0]?.({ preventDefault: held })
    expect(held).toHaveBeenCalledOnce()
    forget()
  })
})

describe('a question', () => {
  it('that nobody answered counts as no when another is asked', async () => {
    const first = ask('One?', 'Yes', 'No')
    const second = ask('Two?', 'Yes', 'No')
    expect(await first).toBe(false)
    expect(asked.value?.text).toBe('Two?')
    asked.value?.answer(true)
    expect(await second).toBe(true)
    expect(asked.value).toBeNull()
  })
})
