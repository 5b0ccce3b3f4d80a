import { describe, expect, it } from 'vitest'
import type { Furrow } from '../../api/client'
import { decisions, unchosen } from './decide'

function furrow(name: string, kind: string, due?: string, status = 'accepted'): Furrow {
  return {
    fieldId: name.toLowerCase(),
    name,
    next: { kind, due },
    plan: kind === 'CHOOSE' ? undefined : { plan: { status } },
  } as unknown as Furrow
}

describe('what is to be decided today', () => {
  it('is what runs out first before the rest, by name on one day', () => {
    const all = decisions([
      furrow('Windmill', 'LOOK'),
      furrow('Ridge', 'SEED_NOW', '2026-10-18', 'proposed'),
      furrow('Cedar', 'MISSED', '2026-09-02'),
      furrow('Bench', 'SEED_NOW', '2026-10-18', 'proposed'),
    ])
    expect(all.map((d) => d.furrow.name)).toEqual(['Cedar', 'Bench', 'Ridge', 'Windmill'])
    expect(all[0]?.by).toBe('2026-09-02')
    expect(all[3]?.by).toBeUndefined()
  })

  it('is a proposed plan only near its day, and never one that was accepted', () => {
    for (const kind of ['CLOSING', 'SEED_NOW', 'SEED_SOON']) {
      const [d] = decisions([furrow('Ridge', kind, '2026-10-18', 'proposed')])
      expect(d?.accept).toBe(true)
      expect(d?.to).toBe('/fields/ridge')
      expect(decisions([furrow('Ridge', kind, '2026-10-18')])).toEqual([])
    }
    for (const kind of ['SEED_LATER', 'WAIT', 'ENDED', 'LEFT_OUT', 'CONFIRM', 'CHOOSE'])
      expect(decisions([furrow('Ridge', kind, '2026-10-18', 'proposed')])).toEqual([])
  })

  it('leads to where it is done', () => {
    const to = (kind: string) => decisions([furrow('Ridge', kind)])[0]?.to
    expect(to('LOOK')).toBe('/fields/ridge/walk')
    expect(to('END_NOW')).toBe('/fields/ridge/end')
    expect(to('MISSED')).toBe('/fields/ridge')
  })

  it('leaves fields without a cover to a line of their own', () => {
    const open = [furrow('Ridge', 'CHOOSE'), furrow('Bench', 'WAIT')]
    expect(unchosen(open).map((f) => f.name)).toEqual(['Ridge'])
  })
})
