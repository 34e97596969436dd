import { useEventListener } from '@vueuse/core'

/** The keys that work anywhere on the sheet. */
export function useSheetKeys(does: {
  save: () => void
  undo: () => void
  redo: () => void
  keys: () => void
  copy: () => void
}) {
  function onKey(event: KeyboardEvent): void {
    const isInBox = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement
    if (event.key === '?' && !isInBox) {
      event.preventDefault()
      does.keys()
      return
    }

    if (event.altKey && event.key.toLowerCase() === 'c') {
      event.preventDefault()
      does.copy()
      return
    }

    if (!event.ctrlKey && !event.metaKey) {
      return
    }

    // In a box, undo is the box's own affair.
    const box = event.target instanceof HTMLInputElement ? event.target : null
    const key = event.key.toLowerCase()
    if (key === 's') {
      event.preventDefault()
      box?.blur()
      does.save()
    } else if (!box && (key === 'y' || (key === 'z' && event.shiftKey))) {
      event.preventDefault()
      does.redo()
    } else if (!box && key === 'z') {
      event.preventDefault()
      does.undo()
    }
  }

  useEventListener('keydown', onKey)
}
