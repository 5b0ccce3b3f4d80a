/** Round steps along a value axis: at most five, from zero to just above the largest value. */
export function steps(most: number): number[] {
  if (!(most > 0)) return [0, 1]
  const rough = most / 4
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 2.5, 5, 10].map((n) => n * power).find((n) => n >= rough * 0.999) ?? power
  const all: number[] = []
  for (let v = 0; v < most + step * 0.999; v += step) all.push(Number(v.toPrecision(6)))
  return all
}

/** A path through points; gaps where a value is missing. */
export function line(points: readonly (readonly [number, number] | null)[]): string {
  let path = ''
  let pen = 'M'
  for (const p of points) {
    if (!p) {
      pen = 'M'
      continue
    }
    path += `${pen}${p[0].toFixed(1)},${p[1].toFixed(1)}`
    pen = 'L'
  }
  return path
}

/** The area between an upper and a lower edge. */
export function area(
  upper: readonly (readonly [number, number])[],
  lower: readonly (readonly [number, number])[],
): string {
  if (upper.length < 2) return ''
  return `${line(upper)}${line([...lower].reverse()).replace('M', 'L')}Z`
}
