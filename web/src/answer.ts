import { ref, watch, type Ref } from 'vue'
import type { Refusal } from './api/client'

/**
 * The answer to a question that is asked again whenever its words change. Answers that come late, to
 * a question asked before, are thrown away. Empty words ask nothing.
 */
export function useAnswer<T>(
  words: () => string,
  put: () => Promise<T>,
): { answer: Ref<T | null>; trouble: Ref<string>; refusal: Ref<Refusal | null> } {
  const answer = ref(null) as Ref<T | null>
  const trouble = ref('')
  const refusal = ref(null) as Ref<Refusal | null>
  let latest = 0
  watch(
    words,
    async (said) => {
      const asked = ++latest
      if (!said) {
        answer.value = null
        trouble.value = ''
        refusal.value = null
        return
      }
      try {
        const got = await put()
        if (asked !== latest) return
        answer.value = got
        trouble.value = ''
        refusal.value = null
      } catch (e) {
        if (asked !== latest) return
        answer.value = null
        trouble.value = (e as Error).message
        refusal.value = e as Refusal
      }
    },
    { immediate: true },
  )
  return { answer, trouble, refusal }
}
