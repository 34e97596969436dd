/** Where toasts hear of what is to be told; the package has it without types. */
declare module 'primevue/toasteventbus' {
  import type { Notice } from './notice'

  interface Bus {
    emit(event: 'add', toast: { severity: 'error' | 'secondary'; notice: Notice }): void
    emit(event: 'remove-all-groups'): void
  }

  const bus: Bus
  export default bus
}
