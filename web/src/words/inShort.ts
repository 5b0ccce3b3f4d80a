/** What is in a cover where there is room for a few words: two by name, of more the first. */
export function inShort(names: readonly string[]): string {
  const [first = '', second, ...more] = names
  if (!second) return first
  return `${first} + ${more.length ? `${more.length + 1} more` : second}`
}
