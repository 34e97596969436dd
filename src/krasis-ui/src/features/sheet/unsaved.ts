import type { Draft } from '@/shared/api/types'

/** Changes that have not been saved, kept in this browser so that a closed tab loses nothing. */
export interface Unsaved {
  draft: Draft
  /** The version that they were made on; null for a new build. */
  etag: string | null
  at: string
}

const keyOf = (id: string | null) => `krasis.unsaved.${id ?? 'new'}`

export function keepUnsaved(id: string | null, unsaved: Unsaved): void {
  try {
    localStorage.setItem(keyOf(id), JSON.stringify(unsaved))
  } catch {
    // A full or forbidden store takes away the net, not the rope: the changes are still on screen.
  }
}

export function findUnsaved(id: string | null): Unsaved | null {
  try {
    return JSON.parse(localStorage.getItem(keyOf(id)) ?? 'null') as Unsaved | null
  } catch {
    return null
  }
}

export function dropUnsaved(id: string | null): void {
  try {
    localStorage.removeItem(keyOf(id))
  } catch {
    // Nothing was kept.
  }
}
