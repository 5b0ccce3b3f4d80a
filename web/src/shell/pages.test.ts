import { describe, expect, it } from 'vitest'
import { isOn, more, pages, waysOf } from './pages'

describe('the menu', () => {
  it('has at most six words, the last of them for what is seldom needed', () => {
    expect(pages.length + 1).toBeLessThanOrEqual(6)
    expect(pages[0]?.name).toBe('Today')
    expect(more.length).toBeGreaterThan(0)
  })

  it('marks the word that a page lies behind', () => {
    const on = (path: string) => pages.filter((p) => isOn(p, path)).map((p) => p.name)
    expect(on('/endings')).toEqual(['Season'])
    expect(on('/fields/1234/job')).toEqual(['Season'])
    expect(on('/shed/1234')).toEqual(['Stores'])
    expect(on('/sheets')).toEqual(['Work'])
    expect(on('/sheet')).toEqual(['Work'])
    expect(on('/hours')).toEqual(['Season'])
    expect(on('/seasoning')).toEqual([])
    expect(on('/weather')).toEqual([])
  })

  it('offers the other ways to look on the pages that are one of them', () => {
    expect(waysOf('/years').map((w) => w.name)).toContain('Endings')
    expect(waysOf('/shed').map((w) => w.to)).toEqual(['/seed', '/shed'])
    expect(waysOf('/fields/1234')).toEqual([])
    expect(waysOf('/work')).toEqual([])
  })
})
