/** Figures of a sum as they are typed; some may be missing still. */
export type Typed<K extends string> = Record<K, number | undefined>

/** All of them once none is missing. */
export function whole<K extends string>(typed: Typed<K>): Record<K, number> | undefined {
  return Object.values(typed).every((v) => v !== undefined)
    ? ({ ...typed } as Record<K, number>)
    : undefined
}
