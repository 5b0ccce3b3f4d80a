/** The faintest a week is drawn, so that it is still seen. */
const FAINT = 0.25

/** How strongly a week is drawn: full light lightly, darkness fully. */
export function shadeOf(light: number): number {
  return FAINT + (1 - FAINT) * (1 - Math.min(1, Math.max(0, light)))
}
