import { readonly, shallowRef } from 'vue'

export interface Notice {
  text: string
  /** What can still be done about it. */
  action?: { label: string; run: () => void | Promise<void> }
  isFault?: boolean
}

const shown = shallowRef<Notice | null>(null)

/** The one notice on screen. It stays until it is dismissed, answered or replaced: an undo must not run away. */
export const notice = readonly(shown)

export function tell(next: Notice): void {
  shown.value = next
}

export function dismiss(): void {
  shown.value = null
}
