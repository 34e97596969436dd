import ToastEventBus from 'primevue/toasteventbus'

export interface Notice {
  text: string
  /** What can still be done about it. */
  action?: { label: string; run: () => void | Promise<void> }
  isFault?: boolean
}

/** Tells something in the place of what was told before. It stays until it is dismissed or answered: an undo must not run away. */
export function tell(notice: Notice): void {
  dismiss()
  ToastEventBus.emit('add', { severity: notice.isFault ? 'error' : 'secondary', notice })
}

export function dismiss(): void {
  ToastEventBus.emit('remove-all-groups')
}
