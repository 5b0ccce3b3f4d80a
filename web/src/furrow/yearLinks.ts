import type { Schemas } from '../api/client'
import { between } from '../words/days'

/*
 * Years as one strip of ground: crops stand tall on it, covers low, each from the day it was seeded
 * to the day it was gone.
 */

export type YearLink = Schemas['YearLink']

/** What is drawn of a link, in pixels. */
export interface Block {
  link: YearLink
  left: number
  width: number
  /** Its outline on the ground. */
  path: string
  /** Its name, as much of it as there is room for. */
  label: string
}

export interface StripRoom {
  from: string
  to: string
  width: number
  ground: number
}

/** How tall a crop and a cover are drawn, how steeply they rise, and what a letter needs. */
const [CROP, COVER, RISE, LETTER] = [30, 19, 9, 6.2]

export function xOf(day: string, room: StripRoom): number {
  const whole = between(room.from, room.to)
  const at = between(room.from, day) / whole
  return Math.min(1, Math.max(0, at)) * room.width
}

/** A low hill from one day to another. */
export function hill(left: number, right: number, height: number, ground: number): string {
  const rise = Math.min(RISE, (right - left) / 2)
  const top = ground - height
  return (
    `M${left.toFixed(1)},${ground}` +
    `C${left.toFixed(1)},${top + height / 3} ${left.toFixed(1)},${top} ${(left + rise).toFixed(1)},${top}` +
    `L${(right - rise).toFixed(1)},${top}` +
    `C${right.toFixed(1)},${top} ${right.toFixed(1)},${top + height / 3} ${right.toFixed(1)},${ground}Z`
  )
}

/** The whole name where it fits, else its first word, else nothing. */
export function fitting(name: string, width: number): string {
  const room = Math.floor(width / LETTER)
  if (name.length <= room) return name
  const first = name.split(/[ ,]/)[0] ?? ''
  return first.length <= room ? first : ''
}

export function blocks(links: readonly YearLink[], room: StripRoom): Block[] {
  return links.map((link) => {
    const left = xOf(link.from, room)
    const right = Math.max(left + 2, xOf(link.until, room))
    const height = link.kind === 'crop' ? CROP : COVER
    return {
      link,
      left,
      width: right - left,
      path: hill(left, right, height, room.ground),
      label: fitting(link.name, right - left),
    }
  })
}

/** The first of each July, where one season ends and the next begins. */
export function seasonLines(room: StripRoom): { season: number; x: number }[] {
  const lines = []
  for (let year = Number(room.from.slice(0, 4)); `${year}-07-01` < room.to; year++) {
    lines.push({ season: year, x: xOf(`${year}-07-01`, room) })
  }
  return lines
}
