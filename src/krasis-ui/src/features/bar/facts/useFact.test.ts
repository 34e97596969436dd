import { describe, expect, it, onTestFinished } from 'vitest'
import { api, ask } from '@/shared/api/client'
import { useBar } from '@/shared/api/queries'
import { held, network, noAnswer, only } from '@/testing/network'
import { onPage } from '@/testing/onPage'
import { until } from '@/testing/until'
import { createFact, removeFact, updateFact, type Fact, type Kind } from './facts'
import { useFact } from './useFact'

const theBar = () => ask(api.GET('/api/bar'))

/** A pitcher of the test's own. */
async function keepPitcher(name: string): Promise<Fact> {
  const first = (await theBar()).pitchers[0] as unknown as Fact
  const kept = await createFact('pitchers', { ...first.document, id: undefined, name })
  onTestFinished(async () => {
    network.mend()
    const now = ((await theBar()).pitchers as unknown as Fact[]).find(({ id }) => id === kept.id)
    if (now) {
      await removeFact('pitchers', now.id, now.etag)
    }
  })
  return kept
}

async function open(kind: Kind, kept: Fact | null, blank = {}) {
  const { used, leave } = onPage(() => ({ fact: useFact(kind, kept, blank), bar: useBar() }))
  await until(() => expect(used.bar.isSuccess.value).toBe(true))
  return { fact: used.fact, leave }
}

const nameOf = async (id: string) => (await theBar()).pitchers.find((one) => one.id === id)?.document.name

describe('useFact', () => {
  it('keeps what was typed, and begins from there', async () => {
    const kept = await keepPitcher('Blue jug')
    const { fact } = await open('pitchers', kept)
    fact.put('name', 'Bluer jug')
    expect(fact.isDirty.value).toBe(true)
    expect(await fact.keep()).not.toBeNull()
    expect(fact.isDirty.value).toBe(false)
    expect(await nameOf(kept.id)).toBe('Bluer jug')
  })

  it('saves no number that cannot be read, and says which', async () => {
    const kept = await keepPitcher('Grey jug')
    const { fact } = await open('pitchers', kept)
    fact.put('name', 'Greyer jug')
    fact.putUnreadable('capacityMl', 'a lot')
    expect(await fact.keep()).toBeNull()
    expect(fact.problemAt('capacityMl')).toBe("'a lot' is not a number.")
    expect(await nameOf(kept.id)).toBe('Grey jug')
  })

  it('keeps what was typed while the answer was on its way', async () => {
    const kept = await keepPitcher('Red jug')
    const { fact } = await open('pitchers', kept)
    const put = held('onTheWayBack')
    fact.put('name', 'Redder jug')
    const keeping = fact.keep()
    await put.begun
    fact.put('name', 'Reddest jug')
    put.letGo()
    await keeping
    expect(fact.read('name')).toBe('Reddest jug')
    expect(fact.isDirty.value).toBe(true)
    expect(await nameOf(kept.id)).toBe('Redder jug')
  })

  it('shows what somebody else has kept, and overwrites it only when it is told to', async () => {
    const kept = await keepPitcher('Green jug')
    const { fact } = await open('pitchers', kept)
    await updateFact('pitchers', kept.id, kept.etag, { ...kept.document, name: 'Their jug' })
    fact.put('name', 'My jug')
    expect(await fact.keep()).toBeNull()
    expect(fact.theirs.value?.document['name']).toBe('Their jug')
    expect(await nameOf(kept.id)).toBe('Their jug')

    await fact.keepMine()
    expect(await nameOf(kept.id)).toBe('My jug')
    expect(fact.theirs.value).toBeNull()
    expect(fact.isDirty.value).toBe(false)
  })

  it('takes theirs', async () => {
    const kept = await keepPitcher('White jug')
    const { fact } = await open('pitchers', kept)
    await updateFact('pitchers', kept.id, kept.etag, { ...kept.document, name: 'Their white jug' })
    fact.put('name', 'My white jug')
    await fact.keep()
    fact.takeTheirs()
    expect(fact.read('name')).toBe('Their white jug')
    expect(fact.isDirty.value).toBe(false)
    expect(fact.refusal.value).toBeNull()
  })

  it('loses nothing when nobody answers', async () => {
    const kept = await keepPitcher('Black jug')
    const { fact, leave } = await open('pitchers', kept)
    network.onTheWay = only('PUT', () => Promise.reject(noAnswer()))
    fact.put('name', 'Blacker jug')
    expect(await fact.keep()).toBeNull()
    expect(fact.read('name')).toBe('Blacker jug')
    leave()

    network.mend()
    const { fact: again } = await open('pitchers', kept)
    expect(again.read('name')).toBe('Blacker jug')
    expect(again.broughtBack.value).not.toBeNull()
  })

  it('goes back to what is kept', async () => {
    const kept = await keepPitcher('Brown jug')
    const { fact } = await open('pitchers', kept)
    fact.put('name', 'Browner jug')
    await until(() => expect(localStorage.length).toBe(1))
    fact.takeBack()
    expect(fact.read('name')).toBe('Brown jug')
    expect(fact.isDirty.value).toBe(false)
    await until(() => expect(localStorage.length).toBe(0))
  })

  it('knows the house, of which there is one: its rules can be taken back, and a conflict is shown', async () => {
    const house = (await theBar()).house as unknown as Fact
    const { fact } = await open('house', house)
    fact.put('strengthDriftPercent', 9)
    fact.takeBack()
    expect(fact.isDirty.value).toBe(false)
    expect(fact.read('strengthDriftPercent')).toBe(house.document['strengthDriftPercent'])

    const theirs = await updateFact('house', house.id, house.etag, {
      ...house.document,
      strengthDriftPercent: 11,
    })
    fact.put('strengthDriftPercent', 9)
    expect(await fact.keep()).toBeNull()
    expect(fact.theirs.value?.document['strengthDriftPercent']).toBe(11)
    fact.takeTheirs()
    await updateFact('house', house.id, theirs.etag, house.document)
  })

  it('tries what is typed once the typing rests, and blames nothing that has been mended since', async () => {
    const kept = await keepPitcher('Clear jug')
    const { fact } = await open('pitchers', kept)
    fact.put('name', '')
    await until(() => expect(fact.problemAt('name')).not.toBeNull())
    fact.put('name', 'Clear jug again')
    expect(fact.problemAt('name')).toBeNull()
  })
})
