import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../api/client'
import { limitsOn } from './limits'

const scale = { start: '2027-04-01', days: 60, width: 600 }
const why = { text: 'why', figures: {} }
const insurer = (day: string): Schemas['Limit'] => ({ kind: 'INSURER', from: day, to: day, why })
const wait = (from: string, to: string): Schemas['Limit'] => ({ kind: 'PLANT_BACK', from, to, why })

describe('limits on the axis', () => {
  it('draws one day as a line and a wait as a band to its last day’s end', () => {
    const [line] = limitsOn([insurer('2027-04-11')], undefined, scale)
    expect(line).toMatchObject({ key: 'insurer', left: 100, right: 100, wide: false, why })
    const [band] = limitsOn([wait('2027-04-11', '2027-04-20')], undefined, scale)
    expect(band).toMatchObject({ key: 'wait', left: 100, right: 200, wide: true })
  })
  it('tells animals on it from days that keep them off', () => {
    const day = { from: '2027-04-11', to: '2027-04-20', why }
    const drawn = limitsOn(
      [
        { kind: 'GRAZED', ...day },
        { kind: 'NO_GRAZING', ...day },
      ],
      undefined,
      scale,
    )
    expect(drawn.map((l) => [l.key, l.name, l.wide])).toEqual([
      ['grazed', 'grazed', true],
      ['barred', 'no grazing', true],
    ])
  })
  it('names a band where no line has its name, else not', () => {
    const stay: Schemas['Limit'] = { kind: 'GRAZED', from: '2027-04-25', to: '2027-04-29', why }
    const drawn = limitsOn([insurer('2027-05-03'), stay], '2027-05-01', scale)
    expect(drawn.map((l) => [l.name, l.named, l.before])).toEqual([
      ['planting', true, true],
      ['insurer’s last day', true, false],
      ['grazed', true, true],
    ])
    const left: Schemas['Limit'] = { ...stay, from: '2027-04-01' }
    expect(limitsOn([insurer('2027-05-03'), left], '2027-05-01', scale)[2]?.named).toBe(false)
  })
  it('leaves out what is out of sight and cuts what begins before it', () => {
    expect(limitsOn([insurer('2027-03-20'), insurer('2027-07-01')], '2027-08-01', scale)).toEqual(
      [],
    )
    const [band] = limitsOn([wait('2027-03-01', '2027-04-10')], undefined, scale)
    expect(band).toMatchObject({ left: 0, right: 100 })
    expect(limitsOn([wait('2027-02-01', '2027-03-20')], undefined, scale)).toEqual([])
  })
  it('names what is near another before it, and what is at the edge too', () => {
    const [plant, last] = limitsOn([insurer('2027-05-05')], '2027-05-01', scale)
    expect(plant).toMatchObject({ key: 'plant', before: true, named: true })
    expect(last).toMatchObject({ key: 'insurer', before: false, named: true })
    const [edge] = limitsOn([insurer('2027-05-29')], undefined, scale)
    expect(edge?.before).toBe(true)
    const [first] = limitsOn([insurer('2027-04-05')], '2027-04-02', scale)
    expect(first).toMatchObject({ key: 'plant', named: false })
  })
})
