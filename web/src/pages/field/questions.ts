import type { FieldSeason, PlanInput } from '../../api/client'
import { together } from '../../words/lists'

/** The five questions of a field, in the order of work. */
export const QUESTIONS = [
  { key: 'why', title: 'Why' },
  { key: 'what', title: 'What' },
  { key: 'how', title: 'How and when' },
  { key: 'end', title: 'How it ends' },
  { key: 'done', title: 'Done and seen' },
] as const

export type Question = (typeof QUESTIONS)[number]['key']
type Next = FieldSeason['furrow']['next']['kind']

/** The question that is next on a field: nothing chosen yet asks why, seed to go out asks how. */
const NEXT: Record<Next, Question> = {
  MISSED: 'how',
  CLOSING: 'how',
  SEED_NOW: 'how',
  CONFIRM: 'how',
  SEED_SOON: 'how',
  SEED_LATER: 'how',
  END_NOW: 'end',
  WAIT: 'end',
  LOOK: 'done',
  ENDED: 'done',
  LEFT_OUT: 'done',
  CHOOSE: 'why',
}

export const nextQuestion = (next: Next, planned: boolean): Question =>
  planned ? NEXT[next] : 'why'

/** The day that a question is about: that of seeding or ending where it is still to come. */
export function anchorOf(
  question: Question | null,
  plan: PlanInput | null,
  shown: FieldSeason | undefined,
): string {
  const today = shown?.today ?? ''
  const season = shown?.start ?? ''
  const later = (day: string) => (day > today ? day : today)
  if (question === 'end' && plan) return shown?.furrow.endedOn ?? later(plan.endOn)
  if (question === 'how' && plan) return shown?.furrow.seededOn ?? later(plan.seedOn)
  // Of a season that is to come or long past there is no today on the axis.
  return today > season ? today : (plan?.seedOn ?? season)
}

/** How names and figures are said where the answers are read. */
export interface Saying {
  species: (id: string) => string
  method: (key: string) => string
  ending: (key: string) => string
  day: (day: string) => string
  rate: (kgPerHa: number) => string
  share: (share: number) => string
}

export interface Answer {
  text: string
  /** Odds, or what stands beside the answer. */
  odds: string
}

/** The present answer to each question, in one line. */
export function answers(
  shown: FieldSeason,
  plan: PlanInput | null,
  say: Saying,
): Record<Question, Answer> {
  const goal = shown.goals.find((g) => g.purpose === plan?.purposes[0])
  const others = (plan?.purposes.length ?? 1) - 1
  const window = shown.windows.find((w) => w.method === plan?.method)
  const ending = shown.endings.find((e) => e.way === plan?.ending)
  const { seededOn, endedOn, rest } = shown.furrow
  const logged = shown.furrow.deeds.filter((d) => d.state === 'LOGGED')
  const none = { text: 'not chosen yet', odds: '' }
  return {
    why: plan
      ? {
          text: (goal?.label ?? '') + (others ? ` and ${others} more` : ''),
          odds: goal ? `${goal.met} of ${goal.years} years` : '',
        }
      : none,
    what: plan
      ? {
          text: together(plan.components.map((c) => say.species(c.species).toLowerCase())),
          odds: plan.components.map((c) => say.rate(c.rateKgPerHa)).join(' + '),
        }
      : none,
    how: plan
      ? {
          text: `${say.method(plan.method)}, ${say.day(seededOn ?? plan.seedOn)}`,
          odds: rest
            ? `${say.share(1 - rest.share)} seeded · the rest ${rest.goal.met} of ${rest.goal.years} on ${say.day(rest.seedOn)}`
            : seededOn
              ? 'seeded'
              : window?.possible
                ? `${say.day(window.opens.day)} to ${say.day(window.closes.day)}`
                : window
                  ? 'no window'
                  : '',
        }
      : none,
    end: plan
      ? {
          text: `${say.ending(plan.ending)}, ${say.day(endedOn ?? plan.endOn)}`,
          odds: endedOn
            ? 'ended'
            : ending
              ? `ready ${ending.yearsReady} of ${ending.years} years`
              : '',
        }
      : none,
    done: {
      text:
        logged.map((d) => `${d.deed} ${say.day(d.day)}`).join(', ') || 'nothing written down yet',
      odds: shown.moved.length ? `${shown.moved.length} seen` : '',
    },
  }
}
