import { beforeEach, describe, expect, it, vi } from 'vitest'

vi.mock('./shrink', () => ({ shrink: (file: File) => Promise.resolve(`small ${file.name}`) }))
import { saidOf, taken } from './taking'

type Found = (at: { coords: { latitude: number; longitude: number } }) => void
const files = [{ name: 'one' }, { name: 'two' }] as File[]
let looked = 0
function phone(where: [number, number] | undefined) {
  looked = 0
  vi.stubGlobal('navigator', {
    geolocation: {
      getCurrentPosition: (yes: Found, no: () => void) => {
        looked++
        if (where) yes({ coords: { latitude: where[0], longitude: where[1] } })
        else no()
      },
    },
  })
}

beforeEach(() => phone([41.2, -96.6]))

describe('pictures that are taken', () => {
  it('are shrunk, each with an id of its own and the place the phone is at', async () => {
    const all = await taken(files, true)
    expect(all.map((t) => t.picture)).toEqual(['small one', 'small two'])
    expect(new Set(all.map((t) => t.id)).size).toBe(2)
    expect(all[1]).toMatchObject({ latitude: 41.2, longitude: -96.6 })
    expect(looked).toBe(1)
  })

  it('have no place where it is not to be kept, or is not known', async () => {
    expect((await taken(files, false))[0]).not.toHaveProperty('latitude')
    expect(looked).toBe(0)
    phone(undefined)
    expect((await taken(files, true))[0]).not.toHaveProperty('latitude')
  })

  it('say in their address what is known of them', () => {
    const plain = { id: 'a', picture: new Blob() }
    expect(saidOf(plain)).toBe('turned=true')
    expect(saidOf({ ...plain, measure: true })).toBe('turned=true&measure=true')
    expect(saidOf({ ...plain, latitude: 41.2, longitude: -96.6 })).toBe(
      'turned=true&latitude=41.2&longitude=-96.6',
    )
    expect(saidOf({ ...plain, latitude: 41.2 })).toBe('turned=true')
  })
})
