import { beforeEach, describe, expect, it, vi } from 'vitest'
import { arrive, nameWindow } from './arrival'

const page = { title: '', querySelector: vi.fn() }
beforeEach(() => {
  page.querySelector.mockReset()
  vi.stubGlobal('document', page)
})

describe('the name of the window', () => {
  it.each([
    ['Work', '', 'Work · Nimble Furrow'],
    ['Ending', 'Ridge Road', 'Ridge Road, ending · Nimble Furrow'],
    ['', 'Ridge Road', 'Ridge Road · Nimble Furrow'],
    ['', '', 'Nimble Furrow'],
  ])('says the page and what it is of: %s, %s', (what, about, name) => {
    nameWindow(what, about)
    expect(page.title).toBe(name)
  })
})

describe('arriving on a page', () => {
  it('begins at its head', async () => {
    const head = { tabIndex: 0, focus: vi.fn() }
    page.querySelector.mockImplementation((where: string) => (where === '#page h1' ? head : null))
    await arrive()
    expect(head.tabIndex).toBe(-1)
    expect(head.focus).toHaveBeenCalledWith({ preventScroll: true })
  })

  it('begins at the page where its head is not there yet, and nowhere without one', async () => {
    const main = { tabIndex: 0, focus: vi.fn() }
    page.querySelector.mockImplementation((where: string) => (where === '#page' ? main : null))
    await arrive()
    expect(main.focus).toHaveBeenCalledOnce()
    page.querySelector.mockReturnValue(null)
    await arrive()
    expect(main.focus).toHaveBeenCalledOnce()
  })
})
