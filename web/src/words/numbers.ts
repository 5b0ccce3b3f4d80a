import type { UnitSystem } from './units.ts'

/** What was typed: a number, nothing at all, or what is wrong with it in a sentence. */
export interface Typed {
  value?: number
  problem: string
}

const GROUPED = /^\d{1,3}(,\d{3})+$/

/**
 * Reads a number as people type them. The program writes a point before decimals and commas between
 * thousands, and reads the same: “1,200” is twelve hundred. Where one comma might be meant as a
 * decimal one, readers of metric units are asked; with any other number of digits behind it a comma
 * can only be that.
 */
export function readNumber(text: string, system: UnitSystem): Typed {
  const plain = text
    .trim()
    .replace(/[\u2212\u2013]/g, '-')
    .replace(/(\d)[\u00a0\u202f ](?=\d{3}(\D|$))/g, '$1')
  if (plain === '') return { problem: '' }
  const sign = plain.startsWith('-') ? -1 : 1
  const digits = plain.replace(/^[-+]/, '')
  const commas = digits.split(',').length - 1
  const points = digits.split('.').length - 1
  if (commas > 0 && points > 0) return mixed(text, digits, sign)
  if (commas === 1 && GROUPED.test(digits) && system === 'metric') {
    const whole = digits.replace(',', '')
    const parted = digits.replace(',', '.')
    return { problem: `“${text.trim()}” could be ${whole} or ${parted}: write one of them.` }
  }
  if (GROUPED.test(digits)) return number(text, digits.replace(/,/g, ''), sign)
  if (commas === 1) return number(text, digits.replace(',', '.'), sign)
  return number(text, digits, sign)
}

/** Both signs: the last one stands before the decimals, the others between thousands. */
function mixed(text: string, digits: string, sign: number): Typed {
  const decimal = digits.lastIndexOf('.') > digits.lastIndexOf(',') ? '.' : ','
  const between = decimal === '.' ? ',' : '.'
  const [whole, rest, ...more] = digits.split(decimal)
  if (more.length || !GROUPED.test((whole ?? '').split(between).join(','))) return unread(text)
  return number(text, (whole ?? '').split(between).join('') + '.' + (rest ?? ''), sign)
}

function number(text: string, plain: string, sign: number): Typed {
  return /^(\d+(\.\d*)?|\.\d+)$/.test(plain)
    ? { value: sign * Number(plain), problem: '' }
    : unread(text)
}

function unread(text: string): Typed {
  return { problem: `“${text.trim()}” is not a number.` }
}
