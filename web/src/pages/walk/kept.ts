import { ref, watch, type Ref } from 'vue'

/** A value that survives a reload of the page on this phone. */
export function kept<T>(key: string, start: T): Ref<T> {
  let first = start
  try {
    const text = localStorage.getItem(key)
    if (text) first = JSON.parse(text) as T
  } catch {
    // What cannot be read is begun anew.
  }
  const value = ref(first) as Ref<T>
  watch(value, (now) => localStorage.setItem(key, JSON.stringify(now)), { deep: true })
  return value
}
