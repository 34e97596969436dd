import { ApiProblem } from '@/shared/api/ApiProblem'
import { SerialScale, type SerialPort } from './SerialScale'

/** The scale that the server has, as a serial port of this browser: what it sends comes through line by line. */
function port(): SerialPort {
  const ends = new AbortController()
  let readable: ReadableStream<Uint8Array> | null = null
  return {
    get readable() {
      return readable
    },
    async open() {
      const answer = await fetch('/api/devices/scale', { signal: ends.signal })
      if (!answer.ok) {
        throw ApiProblem.from(answer.status, await answer.json())
      }

      readable = answer.body
    },
    close() {
      ends.abort()
      return Promise.resolve()
    },
  }
}

/** The bar's scale: the same as one on a port of this machine, but for where its lines come from. */
export const barScale = new SerialScale({ requestPort: () => Promise.resolve(port()) }, "The bar's scale")
