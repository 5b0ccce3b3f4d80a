import { describe, expect, it } from 'vitest'
import {
  blank,
  draftOf,
  grouped,
  inputOf,
  kindsOf,
  placesOf,
  told,
  unitOf,
  type EntryKind,
} from './entries'

const kinds: EntryKind[] = [
  {
    kind: 'harvested',
    label: 'harvested',
    group: 'Done',
    byMachine: true,
    ofCover: false,
    figures: [
      { key: 'yieldMgPerHa', label: 'Yield', unit: 'MG_PER_HA', needed: false },
      { key: 'moistureShare', label: 'Moisture', unit: 'SHARE', needed: false },
    ],
    names: [],
  },
  {
    kind: 'plants',
    label: 'plants counted',
    group: 'Seen',
    byMachine: false,
    ofCover: true,
    figures: [{ key: 'plantsPerM2', label: 'Plants', unit: 'PER_M2', needed: true }],
    names: [{ key: 'species', label: 'Species', needed: true, free: false, choices: [] }],
  },
  {
    kind: 'ended',
    label: 'ended',
    group: 'Done',
    byMachine: true,
    ofCover: false,
    figures: [],
    names: [
      {
        key: 'ending',
        label: 'How',
        needed: false,
        free: false,
        choices: [{ value: 'crimp', title: 'roller crimping' }],
      },
    ],
  },
]
const [harvested, plants, ended] = kinds
const crops = [
  { year: 2024, crop: 'corn', yieldUnit: 'CORN_MG_PER_HA' as const },
  { year: 2025, crop: 'soybeans', yieldUnit: 'BEAN_MG_PER_HA' as const },
]
const say = {
  amount: (value: number, unit: string) => `${value} ${unit}`,
  species: (id: string) => id.toUpperCase(),
}
const entry = (
  figures: Record<string, number>,
  names: Record<string, string> = {},
  doneOn = '2025-10-02',
) => ({ doneOn, figures, names })

describe('entries of the record', () => {
  it('what is seen of a cover is offered only where there is one', () => {
    expect(kindsOf(kinds, false).map((k) => k.kind)).toEqual(['harvested', 'ended'])
    expect(kindsOf(kinds, true)).toHaveLength(kinds.length)
  })

  it('a machine goes along only where one does the work', () => {
    const draft = { ...blank('2025-10-02'), kind: 'ended' as const, machineId: 'roller' }
    expect(inputOf(draft, ended).machineId).toBe('roller')
    expect(inputOf({ ...draft, kind: 'plants' }, plants).machineId).toBeUndefined()
    expect(inputOf({ ...draft, machineId: '' }, ended).machineId).toBeUndefined()
  })

  it('kinds stand under what they belong to, each group once', () => {
    expect(grouped(kinds).map((k) => `${k.type} ${k.title}`)).toEqual([
      'subheader Done',
      'item Harvested',
      'item Ended',
      'subheader Seen',
      'item Plants counted',
    ])
  })

  it('money is typed to the cent, what is measured as it comes', () => {
    const money = { key: 'usd' as const, label: 'Amount', unit: 'USD_CENTS' as const, needed: true }
    expect(placesOf(money)).toBe(2)
    expect(placesOf(harvested!.figures[0]!)).toBeUndefined()
  })

  it('products and active ingredients are said in the reader’s units', () => {
    const spray = {
      ...entry({}),
      products: [{ name: 'Demo A', ratePerHa: 2.5, unit: 'PRODUCT_L_PER_HA' as const }],
      actives: { demoate: 900 },
    }
    expect(told(spray, undefined, crops, say)).toEqual([
      'Demo A 2.5 PRODUCT_L_PER_HA',
      'demoate 900 G_PER_HA',
    ])
  })

  it('a yield is said as the crop that came off that year', () => {
    const figure = harvested!.figures[0]!
    expect(unitOf(figure, '2024-10-10', crops)).toBe('CORN_MG_PER_HA')
    expect(unitOf(figure, '2025-10-10', crops)).toBe('BEAN_MG_PER_HA')
    expect(unitOf(figure, '2023-10-10', crops)).toBe('MG_PER_HA')
    expect(unitOf(harvested!.figures[1]!, '2025-10-10', crops)).toBe('SHARE')
  })

  it('sends what its kind carries, and nothing that was left over from another', () => {
    const draft = { ...blank('2025-10-02'), kind: 'plants' as const }
    draft.figures = { plantsPerM2: 200, heightCm: 30, yieldMgPerHa: undefined }
    draft.names = { species: 'rye', ending: 'crimp' }
    expect(inputOf(draft, plants)).toEqual({
      doneOn: '2025-10-02',
      kind: 'plants',
      words: '',
      figures: { plantsPerM2: 200 },
      names: { species: 'rye' },
    })
    expect(inputOf({ ...draft, figures: {}, names: { species: '' } }, plants)).toMatchObject({
      figures: {},
      names: {},
    })
  })

  it('comes back into its form as it was written', () => {
    const kept = {
      id: 'x',
      kind: 'plants' as const,
      words: '12 frames',
      actives: {},
      products: [],
      ...entry({ plantsPerM2: 90 }, { species: 'rye' }),
    }
    expect(inputOf(draftOf(kept), plants)).toEqual({
      doneOn: kept.doneOn,
      kind: 'plants',
      words: '12 frames',
      figures: kept.figures,
      names: kept.names,
    })
    const draft = draftOf(kept)
    draft.figures.plantsPerM2 = 1
    expect(kept.figures.plantsPerM2).toBe(90)
  })

  it('says names first, and names a figure only where there may be others', () => {
    expect(told(entry({ plantsPerM2: 90 }, { species: 'rye' }), plants, crops, say)).toEqual([
      'RYE',
      '90 PER_M2',
    ])
    expect(told(entry({ yieldMgPerHa: 4, moistureShare: 0.13 }), harvested, crops, say)).toEqual([
      'yield 4 BEAN_MG_PER_HA',
      'moisture 0.13 SHARE',
    ])
    expect(told(entry({}, { ending: 'crimp' }), ended, crops, say)).toEqual(['roller crimping'])
    expect(told(entry({}, { ending: 'other' }), ended, crops, say)).toEqual(['other'])
    expect(told(entry({}), undefined, crops, say)).toEqual([])
  })
})
