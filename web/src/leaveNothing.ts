import { afterAll, vi } from 'vitest'

// All test files run in one process: what one puts in the place of the browser's own is taken back.
afterAll(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})
