const KB = 1000
const MB = KB * KB

/** A file's size as people say it. */
export function saidSize(bytes: number): string {
  if (bytes >= MB) return `${(bytes / MB).toFixed(1)} MB`
  return `${Math.max(1, Math.round(bytes / KB))} kB`
}
