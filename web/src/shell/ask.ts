import { shallowRef } from 'vue'

/** A question that must be answered before anything goes on. */
export interface Question {
  text: string
  yes: string
  no: string
  answer: (yes: boolean) => void
}

export const asked = shallowRef<Question | null>(null)

/** Asks; an earlier question that nobody answered counts as no. */
export function ask(text: string, yes: string, no: string): Promise<boolean> {
  asked.value?.answer(false)
  return new Promise((resolve) => {
    asked.value = {
      text,
      yes,
      no,
      answer: (is) => {
        asked.value = null
        resolve(is)
      },
    }
  })
}
