import { describe, expect, it } from 'vitest'
import type { FieldSeason, PlanInput } from '../../api/client'
import { anchorOf, answers, nextQuestion, type Saying } from './questions'

const say: Saying = {
  species: (id) => 'C' + id.slice(1).replace('_', ' '),
  method: (key) => `by ${key}`,
  ending: (key) => `end ${key}`,
  day: (day) => day.slice(5),
  rate: (kg) => `${kg} kg`,
  share: (share) => `${Math.round(100 * share)} %`,
}
const plan = {
  status: 'proposed',
  purposes: ['holdSoil', 'feedCattle'],
  components: [
    { species: 'cereal_rye', rateKgPerHa: 40 },
    { species: 'hairy_vetch', rateKgPerHa: 20 },
  ],
  method: 'drill',
  seedOn: '2026-09-23',
  ending: 'rollPlant',
  endOn: '2027-05-24',
} as PlanInput
function shown(furrow: object = {}, more: object = {}): FieldSeason {
  const edge = (day: string) => ({ day, reason: {} })
  return {
    goals: [{ purpose: 'holdSoil', label: 'hold soil', met: 12, years: 30 }],
    windows: [
      { method: 'drill', possible: true, opens: edge('2026-09-20'), closes: edge('2026-10-18') },
      { method: 'frost', possible: false, opens: edge('2027-02-01'), closes: edge('2027-02-01') },
    ],
    endings: [{ way: 'rollPlant', coverMgPerHa: 4.2, yearsReady: 9, years: 30 }],
    moved: [],
    furrow: { deeds: [], ...furrow },
    ...more,
  } as unknown as FieldSeason
}

describe('five questions of a field', () => {
  it('are answered in a line each', () => {
    const a = answers(shown(), plan, say)
    expect(a.why).toEqual({ text: 'hold soil and 1 more', odds: '12 of 30 years' })
    expect(a.what).toEqual({ text: 'cereal rye and cairy vetch', odds: '40 kg + 20 kg' })
    expect(a.how).toEqual({ text: 'by drill, 09-23', odds: '09-20 to 10-18' })
    expect(a.end).toEqual({ text: 'end rollPlant, 05-24', odds: 'ready 9 of 30 years' })
    expect(a.done).toEqual({ text: 'nothing written down yet', odds: '' })
  })

  it('are open while nothing is chosen', () => {
    const a = answers(shown(), null, say)
    for (const q of ['why', 'what', 'how', 'end'] as const) {
      expect(a[q]).toEqual({ text: 'not chosen yet', odds: '' })
    }
  })

  it('tell the odds of what a seeding of a part has left', () => {
    const rest = { share: 0.6, seedOn: '2026-09-23', goal: { met: 14, years: 30 } }
    const a = answers(shown({ seededOn: '2026-09-12', rest }), plan, say)
    expect(a.how.odds).toBe('40 % seeded · the rest 14 of 30 on 09-23')
  })

  it('say what was done in place of what is meant', () => {
    const deeds = [
      { deed: 'harvested', state: 'LIKELY', day: '2026-09-10' },
      { deed: 'seeded', state: 'LOGGED', day: '2026-09-25' },
    ]
    const done = { seededOn: '2026-09-25', endedOn: '2027-05-20', deeds }
    const a = answers(shown(done, { moved: [{}, {}] }), plan, say)
    expect(a.how).toEqual({ text: 'by drill, 09-25', odds: 'seeded' })
    expect(a.end).toEqual({ text: 'end rollPlant, 05-20', odds: 'ended' })
    expect(a.done).toEqual({ text: 'seeded 09-25', odds: '2 seen' })
  })

  it('say where a way has no window, and nothing of what is not known', () => {
    expect(answers(shown(), { ...plan, method: 'frost' }, say).how.odds).toBe('no window')
    expect(answers(shown(), { ...plan, method: 'drone' }, say).how.odds).toBe('')
    expect(answers(shown(), { ...plan, ending: 'winter' }, say).end.odds).toBe('')
    expect(answers(shown(), { ...plan, purposes: ['carryMachine'] }, say).why.odds).toBe('')
  })

  it('open at what is next', () => {
    expect(nextQuestion('SEED_NOW', true)).toBe('how')
    expect(nextQuestion('CLOSING', true)).toBe('how')
    expect(nextQuestion('WAIT', true)).toBe('end')
    expect(nextQuestion('LOOK', true)).toBe('done')
    expect(nextQuestion('SEED_NOW', false)).toBe('why')
  })

  it('are about a day each: of seeding or ending, unless that is past; else of today', () => {
    const on = (today: string, furrow = {}) => shown(furrow, { today, start: '2026-07-06' })
    expect(anchorOf('how', plan, on('2026-09-12'))).toBe('2026-09-23')
    expect(anchorOf('how', plan, on('2026-10-01'))).toBe('2026-10-01')
    expect(anchorOf('how', plan, on('2026-10-01', { seededOn: '2026-09-25' }))).toBe('2026-09-25')
    expect(anchorOf('end', plan, on('2026-09-12'))).toBe('2027-05-24')
    expect(anchorOf('end', plan, on('2027-06-01', { endedOn: '2027-05-20' }))).toBe('2027-05-20')
    expect(anchorOf('why', plan, on('2026-09-12'))).toBe('2026-09-12')
    expect(anchorOf(null, plan, on('2025-09-12'))).toBe('2026-09-23')
    expect(anchorOf('end', null, on('2025-09-12'))).toBe('2026-07-06')
  })
})
