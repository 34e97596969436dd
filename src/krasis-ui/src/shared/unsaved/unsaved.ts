import { readonly, ref } from 'vue'

/** Changes that have not been saved, kept in this browser so that a closed tab loses nothing. */
export interface Unsaved<T> {
  draft: T
  /** What they are changes of; missing where that does not matter. */
  origin?: T
  /** What the person who merged had before the merge; missing where nothing was merged. */
  mine?: T
  /** The version that they were made on; null for something new. */
  etag: string | null
  at: string
}

const keyOf = (what: string) => `krasis.unsaved.${what}`

const refused = ref(false)

/** Whether this browser last refused to keep something: then unsaved changes are on the page and nowhere else. */
export const storageRefuses = readonly(refused)

/** Keeps unsaved changes in this browser. @returns Whether they are kept. */
export function keepUnsaved<T>(what: string, unsaved: Unsaved<T>): boolean {
  try {
    localStorage.setItem(keyOf(what), JSON.stringify(unsaved))
    refused.value = false
  } catch {
    // Full or forbidden. An older state of the same changes must not come back as if it were the last.
    dropUnsaved(what)
    refused.value = true
  }

  return !refused.value
}

export function findUnsaved<T>(what: string): Unsaved<T> | null {
  try {
    return JSON.parse(localStorage.getItem(keyOf(what)) ?? 'null') as Unsaved<T> | null
  } catch {
    return null
  }
}

export function dropUnsaved(what: string): void {
  try {
    localStorage.removeItem(keyOf(what))
  } catch {
    // Nothing was kept.
  }
}
