import type { Scale, ScaleReading, ScaleState } from './Scale'

/** What of the browser's serial ports is used here. */
export interface SerialPort {
  open: (options: { baudRate: number }) => Promise<void>
  close: () => Promise<void>
  readonly readable: ReadableStream<Uint8Array> | null
}

export interface SerialPorts {
  requestPort: () => Promise<SerialPort>
}

/** What most bench scales send at, and how long a display stands still before it counts as at rest: common practice, no source. */
const baudRate = 9600
const stillFor = 4
const still = 0.11

/** A weight in a line as bench scales send it, such as `ST,GS,+  123.4 g`. */
const weight = /([+-]?)\s*(\d+(?:[.,]\d+)?)\s*(kg|g)\b/i

/** The weight in a line, g; null where there is none. */
export function weightIn(line: string): number | null {
  const found = weight.exec(line)
  if (!found) {
    return null
  }

  const grams = Number(found[2]?.replace(',', '.')) * (found[3]?.toLowerCase() === 'kg' ? 1000 : 1)
  return found[1] === '-' ? -grams : grams
}

/** A bench scale on a serial port that sends a line of text for every reading. */
export class SerialScale implements Scale {
  readonly capacity = 10_000

  private port: SerialPort | null = null
  private offset = 0
  private last = 0
  private calm = 0
  private isWanted = false
  private readonly readers = new Set<(now: ScaleReading) => void>()
  private readonly watchers = new Set<(now: ScaleState) => void>()

  constructor(
    private readonly ports: SerialPorts,
    readonly name = 'Scale on the serial port',
  ) {}

  async connect(): Promise<void> {
    if (this.port) {
      return
    }

    const port = await this.ports.requestPort()
    await port.open({ baudRate })
    this.port = port
    this.isWanted = true
    this.tell('connected')
    void this.read(port)
  }

  disconnect(): void {
    this.isWanted = false
    void this.let('off')
  }

  zero(): void {
    this.offset = this.last
    this.calm = 0
  }

  listen(reading: (now: ScaleReading) => void, state: (now: ScaleState) => void): () => void {
    this.readers.add(reading)
    this.watchers.add(state)
    return () => {
      this.readers.delete(reading)
      this.watchers.delete(state)
    }
  }

  private async read(port: SerialPort): Promise<void> {
    let rest = ''
    const text = new TextDecoder()
    const reader = port.readable?.getReader()
    try {
      for (;;) {
        const part = await reader?.read()
        if (!part || part.done) {
          break
        }

        rest += text.decode(part.value, { stream: true })
        const lines = rest.split(/\r\n|\r|\n/)
        rest = lines.pop() ?? ''
        lines.forEach((line) => this.hear(line))
      }
    } catch {
      // A cable that is pulled out ends the reading like a port that is closed.
    } finally {
      reader?.releaseLock()
    }

    if (this.isWanted) {
      await this.let('lost')
    }
  }

  private hear(line: string): void {
    const isOverloaded = /\b(OL|over)/i.test(line)
    const grams = weightIn(line)
    if (grams === null && !isOverloaded) {
      return
    }

    const now = grams ?? this.last
    this.calm = Math.abs(now - this.last) < still ? this.calm + 1 : 0
    this.last = now
    const reading = {
      grams: Number((now - this.offset).toFixed(1)) || 0,
      isSettled: !isOverloaded && this.calm >= stillFor,
      isOverloaded,
    }
    this.readers.forEach((heard) => heard(reading))
  }

  private async let(state: ScaleState): Promise<void> {
    const { port } = this
    this.port = null
    this.tell(state)
    // A port that is gone already cannot be closed.
    await port?.close().catch(() => undefined)
  }

  private tell(state: ScaleState): void {
    this.watchers.forEach((heard) => heard(state))
  }
}
