/** What a scale shows at one moment. */
export interface ScaleReading {
  /** What lies on it since it was last zeroed, g. */
  grams: number
  /** Whether it has come to rest. */
  isSettled: boolean
  /** Whether more lies on it than it can weigh; then the grams mean nothing. */
  isOverloaded: boolean
}

export type ScaleState = 'off' | 'connected' | 'lost'

/**
 * A bench scale. Measuring pages know only this; a scale on a serial port, where the browser offers one, is another
 * implementation of it.
 */
export interface Scale {
  readonly name: string
  /** The most that it weighs, g. */
  readonly capacity: number
  /** Connects it; readings come until it is disconnected or lost. */
  connect: () => Promise<void>
  disconnect: () => void
  /** Makes what lies on it now nothing. Refused while it is overloaded. */
  zero: () => void
  /** Hears every reading and every change of state, until the function that comes back is called. */
  listen: (reading: (now: ScaleReading) => void, state: (now: ScaleState) => void) => () => void
}
