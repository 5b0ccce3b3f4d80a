import { refusal } from '../api/client'

/** Answers of the core as it runs on this phone; a refusal is the server's, word for word. */
interface Heard {
  id: number
  answer?: { refused?: string; where?: string }
  broken?: string
}
/** The module cannot be had here: nobody ever had a signal, or the browser does not run it. */
export class NotHere extends Error {}

const open = new Map<number, { yes: (answer: unknown) => void; no: (e: Error) => void }>()
let worker: Worker | undefined
let last = 0

function begin(): Worker {
  const begun = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })
  begun.onmessage = ({ data }: MessageEvent<Heard>) => {
    const asked = open.get(data.id)
    open.delete(data.id)
    const { answer, broken } = data
    if (broken !== undefined) asked?.no(new NotHere(broken))
    else if (answer?.refused !== undefined)
      asked?.no(
        refusal(422, {
          detail: answer.refused,
          errors: [{ path: answer.where ?? '', message: answer.refused }],
        }),
      )
    else asked?.yes(answer)
  }
  // What cannot even begin is tried again with the next question.
  begun.onerror = (e) => {
    worker = undefined
    open.forEach((asked) => asked.no(new NotHere(e.message)))
    open.clear()
  }
  return begun
}

/** Asks the core on this phone. */
export function askHere<T>(name: string, args: unknown[]): Promise<T> {
  return new Promise((yes, no) => {
    const id = ++last
    open.set(id, { yes: yes as (answer: unknown) => void, no })
    try {
      worker ??= begin()
      worker.postMessage({ id, name, args })
    } catch (e) {
      open.delete(id)
      no(new NotHere(String(e)))
    }
  })
}

/** Resolves once what is fetched is kept on this phone; at the first visit that takes a moment. */
export async function keeping(): Promise<void> {
  const workers = navigator.serviceWorker as ServiceWorkerContainer | undefined
  if (!workers) throw new NotHere('This browser keeps nothing.')
  if (workers.controller) return
  await new Promise((yes) => workers.addEventListener('controllerchange', yes, { once: true }))
}

/** Has the module brought here while there is a signal, for when there is none. */
export const keepHere = () =>
  void keeping()
    .then(() => fetch('/phone/core.js'))
    .catch(() => undefined)

/** Asks here, and the server where it cannot be asked here. */
export async function hereOrThere<T>(
  name: string,
  args: unknown[],
  there: () => Promise<T>,
): Promise<T> {
  try {
    return await askHere<T>(name, args)
  } catch (e) {
    if (e instanceof NotHere) return there()
    throw e
  }
}
