import { afterEach, describe, expect, it, vi } from 'vitest'
import { api, ask } from '@/shared/api/client'
import type { MakeRequest } from '@/shared/api/types'
import { newId } from '@/shared/newId'
import { network, noAnswer } from '@/testing/network'
import { onPage } from '@/testing/onPage'
import { until } from '@/testing/until'
import { unsent } from './kept'
import { useSending } from './sending'

/** A make of the demo's first drink on the menu, given up before anything was poured. */
async function someMake(): Promise<MakeRequest> {
  const service = await ask(api.GET('/api/service', { params: { query: {} } }))
  const drink = service.drinks[0]
  return {
    drink: {
      build: drink?.build ?? null,
      standard: drink?.standard ?? null,
      size: drink?.sizes[0]?.id ?? null,
      wish: {},
    },
    station: null,
    who: null,
    startedAt: new Date('2026-11-25T08:00:00Z').toISOString(),
    seconds: 60,
    isDone: false,
    poured: [],
  }
}

const refuseStorage = () =>
  vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('Full', 'QuotaExceededError')
  })

const puts = () => network.sent.filter((request) => request.startsWith('PUT /api/makes/'))

describe('useSending', () => {
  afterEach(() => {
    vi.restoreAllMocks()
  })

  it('sends a make straight to the server where this device keeps nothing', async () => {
    const request = await someMake()
    refuseStorage()
    const { used: sending } = onPage(() => useSending())
    const made = await sending.send({ id: newId(), says: 'A drink', request })

    expect(made).not.toBeNull()
    expect(puts()).toHaveLength(1)
    expect(sending.waiting.value).toEqual([])
  })

  it('holds a make on the page, and says so, where neither the server nor this device keeps it', async () => {
    const request = await someMake()
    refuseStorage()
    network.onTheWay = () => Promise.reject(noAnswer())
    const { used: sending } = onPage(() => useSending())
    expect(await sending.send({ id: newId(), says: 'A drink', request })).toBeNull()
    expect(sending.waiting.value).toMatchObject([{ says: 'A drink', isOnPageOnly: true }])
    expect(unsent()).toEqual([])

    // Leaving the page would lose it, and the browser asks.
    const leaving = new Event('beforeunload', { cancelable: true })
    window.dispatchEvent(leaving)
    expect(leaving.defaultPrevented).toBe(true)

    // It goes out as soon as the server is back.
    network.mend()
    await until(() => expect(sending.waiting.value).toEqual([]))
    expect(puts()).toHaveLength(1)
  })

  it('keeps a make on this device while the server is away, and sends it once', async () => {
    const request = await someMake()
    network.onTheWay = () => Promise.reject(noAnswer())
    const { used: sending } = onPage(() => useSending())
    const id = newId()
    await sending.send({ id, says: 'A drink', request })
    expect(sending.waiting.value).toMatchObject([{ id, isOnPageOnly: false }])
    expect(unsent()).toMatchObject([{ id }])

    network.mend()
    await until(() => expect(sending.waiting.value).toEqual([]))
    expect(unsent()).toEqual([])
    expect(puts()).toEqual([`PUT /api/makes/${id}`])
  })

  it('keeps what the server refuses, with the reason, until it is discarded', async () => {
    const request = await someMake()
    const { used: sending } = onPage(() => useSending())
    const id = newId()
    await sending.send({ id, says: 'A drink', request: { ...request, seconds: -1 } })
    expect(sending.waiting.value[0]?.refused).toBeTruthy()
    await sending.flush()
    expect(puts()).toHaveLength(1)

    sending.throwAway(id)
    expect(sending.waiting.value).toEqual([])
    expect(unsent()).toEqual([])
  })

  it('sends what another page of this device has kept', async () => {
    const request = await someMake()
    const { used: sending } = onPage(() => useSending())
    const id = newId()
    localStorage.setItem('krasis.makes.unsent', JSON.stringify([{ id, says: 'Of another page', request }]))
    await sending.flush()
    expect(puts()).toEqual([`PUT /api/makes/${id}`])
    expect(unsent()).toEqual([])
  })
})
