import { useEventListener, useTimeoutFn } from '@vueuse/core'
import { ref } from 'vue'

/** For how long somebody has to be in a line until its tools come, ms: who goes down a column with Enter is not held up by them. */
const rest = 300

/** Which line one is in: that of the cell or tool that has the focus. While a finger or a mouse button is down it stays, so that nothing moves from
 * under it. */
export function useWorkingLine() {
  const working = ref<string | null>(null)
  let isDown = false
  let next: string | null = null
  const { start } = useTimeoutFn(
    () => {
      if (!isDown) {
        working.value = next
      }
    },
    rest,
    { immediate: false },
  )

  useEventListener(window, 'pointerdown', () => (isDown = true), { capture: true })
  useEventListener(window, ['pointerup', 'pointercancel'], () => {
    isDown = false
    if (next !== null && next !== working.value) {
      start()
    }
  })

  function onFocusIn(event: FocusEvent): void {
    const line = (event.target as HTMLElement).closest<HTMLElement>('tr[data-line]')?.dataset.line
    if (line !== undefined) {
      next = line
      start()
    }
  }

  return { working, onFocusIn }
}
