/** Changes that have not been saved, kept in this browser so that a closed tab loses nothing. */
export interface Unsaved<T> {
  draft: T
  /** What they are changes of; missing where that does not matter. */
  origin?: T
  /** The version that they were made on; null for something new. */
  etag: string | null
  at: string
}

const keyOf = (what: string) => `krasis.unsaved.${what}`

export function keepUnsaved<T>(what: string, unsaved: Unsaved<T>): void {
  try {
    localStorage.setItem(keyOf(what), JSON.stringify(unsaved))
  } catch {
    // A full or forbidden store takes away the net, not the rope: the changes are still on screen.
  }
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
