/**
 * A new id, also where the browser keeps its own way of making one back: over plain HTTP under
 * another name than localhost. RFC 9562, version 4.
 */
export function newId(): string {
  if (typeof crypto.randomUUID === 'function') return crypto.randomUUID()
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = (bytes[6]! & 0x0f) | 0x40
  bytes[8] = (bytes[8]! & 0x3f) | 0x80
  const hex = Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('')
  return [8, 12, 16, 20].reduceRight((all, at) => all.slice(0, at) + '-' + all.slice(at), hex)
}
