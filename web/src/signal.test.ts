import { beforeEach, expect, it, vi } from 'vitest'

const stored = new Map<string, string>()
let signal: typeof import('./signal')

async function load() {
  vi.resetModules()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => stored.get(key) ?? null,
    setItem: (key: string, value: string) => stored.set(key, value),
  })
  signal = await import('./signal')
}
const at = (time: string) => new Date(`2026-09-12T${time}Z`)
const told = (time: string) => signal.told(at(time).toUTCString())

beforeEach(async () => {
  stored.clear()
  await load()
})

it('with a signal nothing is said', () => {
  expect(signal.keptSince.value).toBeUndefined()
  told('10:00:00')
  told('09:59:01')
  signal.told(null)
  signal.told('yesterday')
  expect(signal.keptSince.value).toBeUndefined()
})

it('what the device kept tells of when it is, though the device believes in a signal', () => {
  told('10:00:00')
  told('09:58:59')
  told('09:30:00')
  told('09:45:00')
  expect(signal.keptSince.value).toBe(at('09:30:00').getTime())
  told('10:05:00')
  expect(signal.keptSince.value).toBeUndefined()
})

it('what was new when the page was last open is remembered', async () => {
  told('10:00:00')
  await load()
  told('08:00:00')
  expect(signal.keptSince.value).toBe(at('08:00:00').getTime())
})

it('where the device says that there is none, all is kept', async () => {
  told('10:00:00')
  signal.deviceSays(false)
  expect(signal.keptSince.value).toBe(at('10:00:00').getTime())
  told('10:00:00')
  told('09:59:30')
  expect(signal.keptSince.value).toBe(at('09:59:30').getTime())
  signal.deviceSays(true)
  expect(signal.keptSince.value).toBeUndefined()
  await load()
  signal.deviceSays(false)
  expect(signal.keptSince.value).toBe(at('10:00:00').getTime())
})

it("a server's clock that was once ahead does not make what follows look kept", () => {
  signal.told(new Date(Date.now() + 86_400_000).toUTCString())
  signal.told(new Date(Date.now() - 90_000).toUTCString())
  expect(signal.keptSince.value).toBeDefined()
  signal.told(new Date(Date.now() - 30_000).toUTCString())
  expect(signal.keptSince.value).toBeUndefined()
})
