/** Less rain than this on a day, mm, is drawn nowhere. */
export const DRY_MM = 0.5
