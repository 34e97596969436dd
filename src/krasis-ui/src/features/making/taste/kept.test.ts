import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'

describe("tasters' answers", () => {
  beforeEach(() => {
    localStorage.clear()
    vi.resetModules()
  })
  afterEach(() => vi.restoreAllMocks())

  it('are saved on the device', async () => {
    const { answersOnPageOnly, begun, keptTastings } = await import('./kept')
    keptTastings().value = { one: [begun('a')] }
    await nextTick()

    expect(localStorage.getItem('krasis.tastings')).toContain('"device":"a"')
    expect(answersOnPageOnly.value).toBe(false)
  })

  it('are only on the page if the device cannot save them', async () => {
    const { answersOnPageOnly, begun, keptTastings } = await import('./kept')
    const all = keptTastings()
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    all.value = { one: [begun('a')] }
    await nextTick()

    expect(answersOnPageOnly.value).toBe(true)
    expect(all.value.one).toHaveLength(1)
  })
})
