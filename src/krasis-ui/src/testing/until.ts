import { vi } from 'vitest'

/** Waits until something holds: as long as a busy machine may take, and no longer than it does. */
export const until = (check: () => void): Promise<void> =>
  vi.waitFor(check, { timeout: 15_000, interval: 20 })
