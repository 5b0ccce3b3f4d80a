import { sayDay } from './days.ts'
import { say, type Unit, type UnitSystem } from './units.ts'

interface Figure {
  value?: number
  unit?: Unit
  day?: string
  words?: string
}

/** A reason's sentence with its figures said in the reader's units. */
export function sayReason(
  reason: { text: string; figures: Record<string, Figure> },
  system: UnitSystem,
): string {
  return reason.text.replace(/\{(\w+)\}/g, (whole, name: string) => {
    const figure = reason.figures[name]
    if (!figure) return whole
    if (figure.day) return sayDay(figure.day)
    if (figure.words !== undefined) return figure.words
    return say(figure.value ?? 0, figure.unit ?? 'COUNT', system)
  })
}

/** The same with a capital first letter. */
export function sentence(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
