import { afterEach, beforeEach, describe, expect, it, onTestFinished, vi } from 'vitest'
import { createApp, h, nextTick, ref } from 'vue'
import OffScreenLater from './OffScreenLater.vue'

/** Tells what watches an element whether it is in view. */
let tell: (isIntersecting: boolean) => void

/** A box that shows a number, and what it shows of it. */
async function open(isInView: boolean) {
  const of = ref(1)
  const page = document.createElement('div')
  const app = createApp(() =>
    h(OffScreenLater<number>, { of: of.value }, { default: (its: { of: number }) => its.of }),
  )
  app.mount(page)
  onTestFinished(() => app.unmount())
  await nextTick()
  tell(isInView)
  await nextTick()
  return { of, shown: () => page.textContent }
}

describe('OffScreenLater', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    // The browser's own, which the pages of these tests lack.
    vi.stubGlobal(
      'IntersectionObserver',
      class {
        constructor(told: (entries: { isIntersecting: boolean; time: number }[]) => void) {
          tell = (isIntersecting) => told([{ isIntersecting, time: 0 }])
        }
        observe() {}
        disconnect() {}
      },
    )
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('shows what is in view at once', async () => {
    const { of, shown } = await open(true)
    of.value = 2
    await nextTick()
    expect(shown()).toBe('2')
  })

  it('lets what is out of view lag, and only the last of it come', async () => {
    const { of, shown } = await open(false)
    of.value = 2
    await nextTick()
    expect(shown()).toBe('1')
    await vi.advanceTimersByTimeAsync(59)
    of.value = 3
    await vi.advanceTimersByTimeAsync(59)
    expect(shown()).toBe('1')
    await vi.advanceTimersByTimeAsync(1)
    expect(shown()).toBe('3')
  })

  it('catches up as soon as it comes into view', async () => {
    const { of, shown } = await open(false)
    of.value = 2
    await nextTick()
    tell(true)
    await nextTick()
    expect(shown()).toBe('2')
  })
})
