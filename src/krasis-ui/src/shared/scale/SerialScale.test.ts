import { describe, expect, it } from 'vitest'
import type { ScaleReading, ScaleState } from './Scale'
import { SerialScale, weightIn, type SerialPort } from './SerialScale'

/** A port as the browser has it, whose other end is here. */
function cable() {
  let send: (text: string) => void = () => undefined
  let pull: () => void = () => undefined
  const readable = new ReadableStream<Uint8Array>({
    start(controller) {
      send = (text) => controller.enqueue(new TextEncoder().encode(text))
      pull = () => controller.error(new Error('The device has been lost.'))
    },
  })
  const port: SerialPort = { open: () => Promise.resolve(), close: () => Promise.resolve(), readable }
  return {
    ports: { requestPort: () => Promise.resolve(port) },
    send: (text: string) => send(text),
    pull: () => pull(),
  }
}

async function connected() {
  const end = cable()
  const scale = new SerialScale(end.ports)
  const readings: ScaleReading[] = []
  const states: ScaleState[] = []
  scale.listen(
    (now) => readings.push(now),
    (now) => states.push(now),
  )
  await scale.connect()
  const settle = () => new Promise((done) => setTimeout(done))
  return { ...end, scale, readings, states, settle }
}

describe('a scale on a serial port', () => {
  // As such scales send them: common practice, no source.
  it.each([
    ['ST,GS,+  123.4 g', 123.4],
    ['US,NT,-   0.5g', -0.5],
    ['  18,50 g', 18.5],
    ['+1.2345 kg S', 1234.5],
    ['hello', null],
    ['12 gallons', null],
  ])('reads %s', (line, grams) => expect(weightIn(line)).toBe(grams))

  it('puts lines together that come in pieces, and says when they stand still', async () => {
    const { send, readings, settle } = await connected()
    send('  20.0 g\r\n  20.')
    await settle()
    expect(readings).toEqual([{ grams: 20, isSettled: false, isOverloaded: false }])
    send('0 g\r\n  20.0 g\r\n  20.1 g\r\n  20.1 g\r\n')
    await settle()
    expect(readings.at(-1)).toEqual({ grams: 20.1, isSettled: true, isOverloaded: false })
    send('  30.0 g\r\n')
    await settle()
    expect(readings.at(-1)?.isSettled).toBe(false)
  })

  it('counts from where it was made nothing, and tells of too much', async () => {
    const { send, scale, readings, settle } = await connected()
    send('100.0 g\n')
    await settle()
    scale.zero()
    send('118.5 g\n')
    await settle()
    expect(readings.at(-1)?.grams).toBe(18.5)
    send('OL\n')
    await settle()
    expect(readings.at(-1)?.isOverloaded).toBe(true)
  })

  it('is lost when the cable is pulled out, and off when it is put away', async () => {
    const one = await connected()
    one.pull()
    await one.settle()
    expect(one.states).toEqual(['connected', 'lost'])

    const other = await connected()
    other.scale.disconnect()
    await other.settle()
    expect(other.states).toEqual(['connected', 'off'])
  })
})
