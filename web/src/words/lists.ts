/** “Rye, vetch and radish”. */
export function together(names: string[]): string {
  const before = names.slice(0, -1).join(', ')
  const last = names[names.length - 1] ?? ''
  return before ? `${before} and ${last}` : last
}

/** “1 entry waits”, “3 entries wait”. */
export const counted = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`
