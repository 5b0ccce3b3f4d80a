import { onBeforeUnmount } from 'vue'
import { ask } from './ask'

interface Open {
  what: string
  dirty: () => boolean
}
const open = new Set<Open>()

/** What is typed and not kept, in words; nothing when all is. */
export const unsaved = () => [...open].find((o) => o.dirty())?.what

/**
 * Work on a page that must not be dropped without asking.
 * @param what in words: “the plan of Ridge Road”
 * @returns how to forget it
 */
export function guard(what: string, dirty: () => boolean): () => void {
  const one = { what, dirty }
  open.add(one)
  return () => open.delete(one)
}

/** The same for as long as a page is open. */
export function useUnsaved(what: string, dirty: () => boolean) {
  onBeforeUnmount(guard(what, dirty))
}

/** Whether a page may be left: asked where something on it is not kept. */
export async function mayLeave(): Promise<boolean> {
  const what = unsaved()
  return !what || ask(`${what} is not kept yet.`, 'Leave without it', 'Stay here')
}

window.addEventListener('beforeunload', (event) => {
  if (unsaved()) event.preventDefault()
})
