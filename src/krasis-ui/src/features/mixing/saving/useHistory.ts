import { replaceEqualDeep } from '@tanstack/vue-query'
import { computed, ref, type Ref } from 'vue'

const longest = 200

/**
 * Undo and redo over one value that can be written as JSON.
 * @param current The value; it is replaced, never changed in place.
 */
export function useHistory<T>(current: Ref<T>) {
  const past = ref<string[]>([])
  const future = ref<string[]>([])

  let lastOf: string | null = null

  /** Puts another value in its place; what is the same in both stays the same object, so that only what changed is drawn anew. */
  function put(next: T): void {
    current.value = replaceEqualDeep(current.value, next) as T
  }

  /**
   * Makes a change.
   * @param of What it is a change of: one after another of the same thing, as in typing a word, are one step back.
   */
  function change(make: (next: T) => void, of: string | null = null): void {
    const before = JSON.stringify(current.value)
    const next = JSON.parse(before) as T
    make(next)
    if (JSON.stringify(next) !== before) {
      if (of === null || of !== lastOf) {
        past.value = [...past.value.slice(1 - longest), before]
      }

      lastOf = of
      future.value = []
      put(next)
    }
  }

  function step(from: Ref<string[]>, to: Ref<string[]>): void {
    lastOf = null
    const found = from.value.at(-1)
    if (found !== undefined) {
      to.value = [...to.value, JSON.stringify(current.value)]
      from.value = from.value.slice(0, -1)
      put(JSON.parse(found) as T)
    }
  }

  function forget(): void {
    past.value = []
    future.value = []
  }

  return {
    change,
    forget,
    undo: () => step(past, future),
    redo: () => step(future, past),
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  }
}
