import { computed, ref } from 'vue'

/*
 * Whether what is shown comes from the server or was kept on this device, told by when the server
 * says that it answered: a kept answer says when it was new. A device may believe that it has a
 * signal where it has none, and its clock may be wrong, so the server's times are compared first.
 */

const KEY = 'heardAt'
/** Answers may come in another order than they were written in, ms. */
const AT_ONCE = 60_000

const online = ref(true)
const newest = () => Number(localStorage.getItem(KEY) ?? 0)
const oldest = ref<number>()

/** An answer came that the server dated so. */
export function told(date: string | null) {
  const at = Date.parse(date ?? '')
  if (Number.isNaN(at)) return
  // By either clock: a server's that was once ahead must not make all that follows look kept.
  const fresh = at >= newest() - AT_ONCE || Math.abs(Date.now() - at) < AT_ONCE
  if (online.value && fresh) {
    oldest.value = undefined
    if (at > newest()) localStorage.setItem(KEY, String(at))
  } else oldest.value = Math.min(oldest.value ?? at, at)
}

/** Of when the oldest is that is shown, where it is not the server's answer of now; 0 when nothing says. */
export const keptSince = computed(() =>
  online.value && oldest.value === undefined ? undefined : (oldest.value ?? newest()),
)

/** What the device says of its signal. */
export function deviceSays(signal: boolean) {
  online.value = signal
  if (signal) oldest.value = undefined
}
