import { describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { between, seasonAt, useDragged } from './dragged'

const SEASONS = [2023, 2024, 2025, 2026]

describe('a drag over fields by years', () => {
  it('knows the season under a share of the strip', () => {
    expect(seasonAt(0, SEASONS)).toBe(2023)
    expect(seasonAt(0.249, SEASONS)).toBe(2023)
    expect(seasonAt(0.25, SEASONS)).toBe(2024)
    expect(seasonAt(1, SEASONS)).toBe(2026)
    expect(seasonAt(-0.1, SEASONS)).toBe(2023)
  })
  it('takes all between two spots, whichever comes first', () => {
    const a = { row: 4, season: 2026 }
    const b = { row: 1, season: 2024 }
    expect(between(a, b)).toEqual({ first: 1, last: 4, from: 2024, to: 2026 })
    expect(between(b, a)).toEqual(between(a, b))
  })
  it('is a click where it stays in one cell', () => {
    expect(between({ row: 1, season: 2025 }, { row: 1, season: 2025 })).toBeNull()
    expect(between({ row: 1, season: 2025 }, { row: 1, season: 2026 })).not.toBeNull()
  })
  it('says what it has taken of each row and is done when let go', () => {
    const scope = effectScope()
    scope.run(() => {
      const done = vi.fn()
      const drag = useDragged(ref(SEASONS), done)
      drag.to(3, 0.9)
      expect(drag.over.value).toBeNull()
      drag.start(1, 0.3)
      drag.to(2, 0.6)
      expect(drag.of(1, 400)).toEqual({ left: 100, width: 200 })
      expect(drag.of(2, 400)).toEqual({ left: 100, width: 200 })
      expect(drag.of(3, 400)).toBeNull()
      drag.clear()
      expect(drag.of(1, 400)).toBeNull()
    })
    scope.stop()
  })
})
