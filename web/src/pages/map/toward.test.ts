import { expect, it } from 'vitest'
import { toward } from './toward'

const at = (name: string, x: number, y: number) => ({ x, y, at: name })
const [sw, se, nw, ne, far] = [
  at('sw', 0, 0),
  at('se', 10, 1),
  at('nw', 1, 10),
  at('ne', 10, 10),
  at('far', 30, 0),
]
const all = [sw, se, nw, ne, far]
const to = (key: string, from?: (typeof all)[number]) => toward(key, from, all)?.at

it('arrows go to the nearest field that way, and stop at the edge of the farm', () => {
  expect(to('ArrowRight', sw)).toBe('se')
  expect(to('ArrowUp', sw)).toBe('nw')
  expect(to('ArrowRight', nw)).toBe('ne')
  expect(to('ArrowRight', se)).toBe('far')
  expect(to('ArrowDown', ne)).toBe('se')
  expect(to('ArrowLeft', sw)).toBeUndefined()
  expect(to('ArrowUp', ne)).toBeUndefined()
})

it('begins at the edge they come from, and other keys lead nowhere', () => {
  expect(to('ArrowRight')).toBe('sw')
  expect(to('ArrowLeft')).toBe('far')
  expect(to('Enter', sw)).toBeUndefined()
  expect(toward('ArrowUp', undefined, [])).toBeUndefined()
})
