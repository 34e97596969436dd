import { onUnmounted, ref } from 'vue'

/**
 * Drags a row of a table to another place, by mouse, pen or finger.
 * @param rows The rows as they stand on screen, from the top down.
 * @param place Called where it is let go: the row and the place before which it is to stand, counted before it is taken out.
 */
export function useRowDrag(rows: () => HTMLElement[], place: (row: string, to: number) => void) {
  const dragged = ref<string | null>(null)
  /** Before which row it would stand; as many as there are rows at the end. */
  const target = ref<number | null>(null)

  function move(event: PointerEvent): void {
    const middles = rows().map((row) => {
      const { top, height } = row.getBoundingClientRect()
      return top + height / 2
    })
    const at = middles.findIndex((middle) => event.clientY < middle)
    target.value = at < 0 ? middles.length : at
  }

  function letGo(): void {
    const [row, to] = [dragged.value, target.value]
    stop()
    if (row !== null && to !== null) {
      place(row, to)
    }
  }

  function cancel(event: KeyboardEvent): void {
    if (event.key === 'Escape') {
      stop()
    }
  }

  function stop(): void {
    dragged.value = null
    target.value = null
    window.removeEventListener('pointermove', move)
    window.removeEventListener('pointerup', letGo)
    window.removeEventListener('pointercancel', stop)
    window.removeEventListener('keydown', cancel)
  }

  onUnmounted(stop)

  return {
    dragged,
    target,
    grab(row: string, event: PointerEvent): void {
      dragged.value = row
      move(event)
      window.addEventListener('pointermove', move)
      window.addEventListener('pointerup', letGo)
      window.addEventListener('pointercancel', stop)
      window.addEventListener('keydown', cancel)
    },
  }
}
