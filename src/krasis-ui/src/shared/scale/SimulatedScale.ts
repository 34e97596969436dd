import type { Scale, ScaleReading, ScaleState } from './Scale'

const tick = 50
/** How fast the pan comes to rest: after this many milliseconds a third of the way is left. */
const settling = 260
/** The display shows tenths, and trembles by about half of one. */
const noise = 0.04
const resolution = 0.1
const capacity = 3000
/** It has come to rest when it has moved by less than this for so many ticks, g. */
const still = 0.08
const stillTicks = 9

/** Stands in for a bench scale: one can lay things on it, pour into what stands on it, press it, and pull its plug. */
export class SimulatedScale implements Scale {
  readonly name = 'Simulated scale'
  readonly capacity = capacity

  private load = 0
  private press = 0
  private pan = 0
  private offset = 0
  private calm = 0
  private timer: number | null = null
  private readonly readers = new Set<(now: ScaleReading) => void>()
  private readonly watchers = new Set<(now: ScaleState) => void>()

  connect(): Promise<void> {
    if (this.timer === null) {
      this.pan = this.load
      this.offset = this.load
      this.timer = window.setInterval(() => this.step(), tick)
      this.tell('connected')
    }

    return Promise.resolve()
  }

  disconnect(): void {
    this.stop('off')
  }

  /** As when the plug is pulled or the cable slips out. */
  drop(): void {
    this.stop('lost')
  }

  zero(): void {
    if (this.pan <= capacity) {
      this.offset = this.pan
      this.calm = 0
    }
  }

  /** Lays so many grams on it, or pours them; with a minus sign takes them off. */
  add(grams: number): void {
    this.load = Math.max(0, this.load + grams)
  }

  /** Takes everything off. */
  clear(): void {
    this.load = 0
  }

  /** Presses on the pan with a force of so many grams; none lets go. */
  lean(grams: number): void {
    this.press = grams
  }

  listen(reading: (now: ScaleReading) => void, state: (now: ScaleState) => void): () => void {
    this.readers.add(reading)
    this.watchers.add(state)
    return () => {
      this.readers.delete(reading)
      this.watchers.delete(state)
    }
  }

  private stop(state: ScaleState): void {
    if (this.timer !== null) {
      window.clearInterval(this.timer)
      this.timer = null
      this.tell(state)
    }
  }

  private step(): void {
    const before = this.pan
    this.pan += (this.load + this.press - this.pan) * (1 - Math.exp(-tick / settling))
    this.calm = Math.abs(this.pan - before) < still ? this.calm + 1 : 0
    const tremble = (Math.random() - 0.5) * 2 * noise
    const grams = Math.round((this.pan - this.offset + tremble) / resolution) * resolution
    const now = {
      // A scale shows no minus nought.
      grams: Number(grams.toFixed(1)) || 0,
      isSettled: this.calm >= stillTicks,
      isOverloaded: this.pan > capacity,
    }
    this.readers.forEach((hear) => hear(now))
  }

  private tell(state: ScaleState): void {
    this.watchers.forEach((hear) => hear(state))
  }
}
