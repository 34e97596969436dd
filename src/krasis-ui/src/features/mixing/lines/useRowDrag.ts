import { useEventListener } from '@vueuse/core'
import Sortable from 'sortablejs'
import { onUnmounted, watch, type Ref } from 'vue'

/**
 * Drags a row of a table to another place, by mouse, pen or finger.
 * @param body Where the rows stand; each has its line's id as data-line, and a grip.
 * @param place Called where it is let go: the row and the place before which it is to stand, counted before it is taken out.
 */
export function useRowDrag(body: Ref<HTMLElement | null>, place: (row: string, to: number) => void): void {
  let sortable: Sortable | undefined
  let follower: Node | null = null
  let isGivenUp = false

  function stop(): void {
    sortable?.destroy()
    sortable = undefined
  }

  watch(body, (now) => {
    stop()
    if (now) {
      sortable = Sortable.create(now, {
        draggable: 'tr[data-test=line]',
        handle: '[data-test=grip]',
        ghostClass: 'dragged',
        // The browser's own dragging knows neither fingers nor Escape as it should.
        forceFallback: true,
        onStart({ item }) {
          follower = item.nextSibling
          isGivenUp = false
        },
        onEnd({ item, oldDraggableIndex: from, newDraggableIndex: to }) {
          // The rows stand as the page draws them, and not as they were dragged.
          now.insertBefore(item, follower)
          follower = null
          if (!isGivenUp && from !== undefined && to !== undefined && from !== to) {
            place(item.dataset.line ?? '', to > from ? to + 1 : to)
          }
        },
      })
    }
  })
  useEventListener('keydown', ({ key }: KeyboardEvent) => {
    if (key === 'Escape' && follower !== null) {
      isGivenUp = true
      document.dispatchEvent(new PointerEvent('pointerup'))
    }
  })
  onUnmounted(stop)
}
