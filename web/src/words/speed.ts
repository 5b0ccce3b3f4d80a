/** Seconds of an hour by metres of a kilometre. */
const KMH_OF_M_PER_S = 3.6

/** A speed in km/h as metres a second, as loads and lines are reckoned. */
export const mPerS = (kmh: number) => kmh / KMH_OF_M_PER_S
