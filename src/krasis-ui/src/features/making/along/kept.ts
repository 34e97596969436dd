import type { CardsView, MakingPlan, MakeRequest, PouredRequest, WishQuery } from '@/shared/api/types'

/** One thing that is in the cup, and what the scale showed before it. */
export interface Poured extends PouredRequest {
  line: string
  grams: number
  /** What it is, for the eye. */
  title: string
  /** What the scale showed when its step began, g. */
  base: number
}

/** A make under way, as it is kept on this device. */
export interface Make {
  id: string
  build: string
  size: string
  wish: WishQuery
  standard: number | null
  station: string | null
  who: string
  startedAt: string
  /** How long it has been under way, s, up to when it was last kept. */
  seconds: number
  /** The step that one is at, from 0. */
  at: number
  plan: MakingPlan
  poured: Poured[]
  /** Lines that a rescue leaves out; none in a make that an older page kept. */
  leftOut?: string[]
  /** What was rescued, as it was said. */
  rescued: string | null
  /** What stands in the cup with nothing on it yet: since when, in seconds of this make, and how long it may. */
  stands: { what: string; since: number; most: number } | null
  /** What can be said of a pour. */
  limits: CardsView['limits']
}

const place = 'krasis.make'
const waiting = 'krasis.makes.unsent'

function read<T>(key: string, otherwise: T): T {
  try {
    const text = localStorage.getItem(key)
    return text === null ? otherwise : (JSON.parse(text) as T)
  } catch {
    // What cannot be read is nothing that could be gone on with.
    return otherwise
  }
}

function write(key: string, value: unknown): boolean {
  try {
    if (value === null) {
      localStorage.removeItem(key)
    } else {
      localStorage.setItem(key, JSON.stringify(value))
    }

    return true
  } catch {
    return false
  }
}

/** The make that was under way here when the page was last closed; null where none was. */
export const keptMake = () => read<Make | null>(place, null)

/** Keeps the make under way; null when there is none any more. */
export const keepMake = (make: Make | null) => write(place, make)

export interface Unsent {
  id: string
  /** Whether this device refused to keep it: then it is on this page and nowhere else. */
  isOnPageOnly?: boolean
  /** What it was, for the eye. */
  says: string
  request: MakeRequest
  /** Why the server does not take it; missing as long as it has not been asked. */
  refused?: string
}

/** Makes that are over and that the server has not got yet, as far as this device keeps them. */
export const unsent = () => read<Unsent[]>(waiting, [])

/** Keeps unsent makes on this device. @returns Whether they are kept. */
export const keepUnsent = (makes: Unsent[]) => write(waiting, makes)
