import { nextTick, watchEffect } from 'vue'
import { useRoute } from 'vue-router'

const NAME = 'Nimble Furrow'

/**
 * Names the window after what it shows: “Ridge Road, ending · Nimble Furrow”.
 * @param page what the page is
 * @param about what it is of, where it is of one thing
 */
export function nameWindow(page: string, about = '') {
  const what = about && page ? `${about}, ${page.toLowerCase()}` : about || page
  document.title = what ? `${what} · ${NAME}` : NAME
}

/** After a change of page those who use keys or hear the page begin at its head. */
export async function arrive() {
  await nextTick()
  const head = document.querySelector<HTMLElement>('#page h1')
  const at = head ?? document.querySelector<HTMLElement>('#page')
  if (!at) return
  at.tabIndex = -1
  at.focus({ preventScroll: true })
}

/** Names the window after the one thing a page is of, once that is known. */
export function useWindowName(about: () => string | undefined) {
  const route = useRoute()
  watchEffect(() => {
    const name = about()
    if (name) nameWindow(route.meta.title ?? '', name)
  })
}
