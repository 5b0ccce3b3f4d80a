/** Runs what of the core is compiled for the browser, beside the page. */
interface Question {
  id: number
  name: string
  args: unknown[]
}
type Module = Record<string, (...args: unknown[]) => unknown>

// Served beside the program, and kept by its service worker: it is no part of the bundle.
const AT = '/phone/core.js'
const core = import(/* @vite-ignore */ AT) as Promise<Module>

self.onmessage = async ({ data }: MessageEvent<Question>) => {
  const { id, name, args } = data
  try {
    self.postMessage({ id, answer: (await core)[name]!(...args) })
  } catch (e) {
    self.postMessage({ id, broken: String(e) })
  }
}
