import { describe, expect, it } from 'vitest'
import { placed } from './soilDots'

const box = { width: 300, height: 70, left: 0, foot: 20, top: 10 }
const look = (on: string, value: number) => ({ field: 'a', on, value })

describe('looks at a soil', () => {
  it('lie by their days along whole years and up from nought', () => {
    const p = placed([look('2024-01-01', 0), look('2026-01-01', 8)], [], box)
    expect(p.years.map((y) => y.year)).toEqual([2024, 2025, 2026])
    expect(p.own[0]).toEqual([0, 50])
    expect(p.own[1]).toEqual([200, 10])
    expect(p.most).toBe(8)
  })

  it('share one scale with those beside', () => {
    const p = placed([look('2025-07-02', 5)], [look('2024-07-01', 10)], box)
    expect(p.own[0]![1]).toBe(30)
    expect(p.beside[0]![1]).toBe(10)
    expect(p.own[0]![0]).toBeGreaterThan(p.beside[0]![0])
  })

  it('stand on the ground where nothing was found', () => {
    expect(placed([look('2025-07-02', 0)], [], box).own[0]![1]).toBe(50)
  })
})
