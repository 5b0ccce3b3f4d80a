import { describe, expect, it } from 'vitest'
import { readMonthDay, sayMonthDay } from './monthDay'

describe('a day of any year', () => {
  it('is said without its year', () => {
    expect(sayMonthDay('--05-20')).toBe('20 May')
    expect(sayMonthDay('--12-01')).toBe('1 Dec')
  })

  it.each([
    ['20 May', '--05-20'],
    ['May 20', '--05-20'],
    [' 3 september ', '--09-03'],
    ['Sept. 3', '--09-03'],
    ['29 Feb', '--02-29'],
    ['31 Dec', '--12-31'],
  ])('is read as it is written: %s', (text, kept) => expect(readMonthDay(text)).toBe(kept))

  it.each(['', 'May', '20', '05-20', '30 Feb', '31 Apr', '0 May', '20 Foo', '20 May 2027', '5/20'])(
    'is nothing where it is none: %s',
    (text) => expect(readMonthDay(text)).toBeUndefined(),
  )

  it('comes back as it was', () => {
    for (const kept of ['--01-01', '--02-29', '--06-30', '--10-09'])
      expect(readMonthDay(sayMonthDay(kept))).toBe(kept)
  })
})
