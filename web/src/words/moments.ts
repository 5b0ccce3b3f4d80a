import { sayDay } from './days'

const two = (n: number) => String(n).padStart(2, '0')
const dayOf = (at: Date) => `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`

/** A moment by the device's clock: “14:05”, of another day “11 Sep, 14:05”. */
export function sayMoment(at: Date, now = new Date()): string {
  const time = `${at.getHours()}:${two(at.getMinutes())}`
  return dayOf(at) === dayOf(now) ? time : `${sayDay(dayOf(at))}, ${time}`
}
