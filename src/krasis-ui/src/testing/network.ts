import { beforeEach, inject } from 'vitest'

const pass: (request: Request) => Promise<void> = () => Promise.resolve()

/** The way to the program: what a test lets happen on it. */
export const network = {
  /** Awaited before each request is sent on. */
  onTheWay: pass,
  /** Awaited before each answer is handed over; where it throws the answer is lost. */
  onTheWayBack: pass,
  /** The requests that were sent on, as "PUT /api/builds/x". */
  sent: [] as string[],
  /** Lets everything through again. */
  mend(): void {
    network.onTheWay = network.onTheWayBack = pass
    network.sent = []
  },
}

const address = inject('address')
const { fetch: real, Request: RealRequest } = globalThis

// The page asks its own address, of which there is none outside a browser.
globalThis.Request = class extends RealRequest {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, address) : input, init)
  }
}

globalThis.fetch = async (input, init) => {
  const request = new Request(input, init)
  await network.onTheWay(request)
  network.sent.push(`${request.method} ${new URL(request.url).pathname}`)
  const answer = await real(request)
  await network.onTheWayBack(request)
  return answer
}

beforeEach(() => {
  localStorage.clear()
  network.mend()
})

/** Holds the requests of a method up, on the way or on the way back, until they are let go. */
export function held(
  where: 'onTheWay' | 'onTheWayBack',
  method = 'PUT',
): { begun: Promise<void>; letGo: () => void } {
  let [begin, letGo] = [() => {}, () => {}]
  const begun = new Promise<void>((resolve) => (begin = resolve))
  const opened = new Promise<void>((resolve) => (letGo = resolve))
  network[where] = only(method, () => {
    begin()
    return opened
  })
  return { begun, letGo }
}

/** What fetch throws when nobody answers. */
export const noAnswer = () => new TypeError('Failed to fetch')

/** Something that happens to the requests of one method alone. */
export const only =
  (method: string, does: () => Promise<void>) =>
  (request: Request): Promise<void> =>
    request.method === method ? does() : Promise.resolve()
