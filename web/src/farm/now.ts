let farm: () => string = () => ''

/** Says which farm is open; the session does, once. */
export function farmIs(now: () => string) {
  farm = now
}

/** The id of the farm that is open; empty before one is. */
export const farmNow = () => farm()
