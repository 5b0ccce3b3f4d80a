import { reactive } from 'vue'

/** One short message at the bottom, with at most one thing to do about it. */
export const notice = reactive({
  open: false,
  text: '',
  action: '',
  onAction: undefined as (() => void) | undefined,
  show(text: string, action = '', onAction?: () => void) {
    notice.text = text
    notice.action = action
    notice.onAction = onAction
    notice.open = true
  },
  act() {
    notice.open = false
    notice.onAction?.()
  },
})
