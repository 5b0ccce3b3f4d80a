import type { Schemas } from '../../api/client'

type Look = Schemas['SoilLook']

/** A box that looks are drawn in. */
export interface Box {
  width: number
  height: number
  left: number
  foot: number
  top: number
}

/** Where looks lie: along by their days, whole years marked, up from nought. */
export function placed(own: Look[], beside: Look[], box: Box) {
  const all = [...own, ...beside]
  const years = all.map((l) => Number(l.on.slice(0, 4)))
  const first = Math.min(...years)
  const last = Math.max(...years) + 1
  const most = Math.max(...all.map((l) => l.value)) || 1
  const along = (on: string) => {
    const year = Number(on.slice(0, 4))
    const start = Date.UTC(year, 0, 1)
    const part = (Date.parse(on) - start) / (Date.UTC(year + 1, 0, 1) - start)
    return box.left + ((year + part - first) / (last - first)) * (box.width - box.left)
  }
  const up = (value: number) =>
    box.height - box.foot - (value / most) * (box.height - box.foot - box.top)
  const at = (l: Look) => [along(l.on), up(l.value)] as const
  return {
    own: own.map(at),
    beside: beside.map(at),
    years: Array.from({ length: last - first }, (_, i) => ({
      year: first + i,
      x: along(`${first + i}-01-01`),
    })),
    most,
  }
}
