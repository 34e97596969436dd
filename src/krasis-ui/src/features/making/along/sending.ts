import { useQueryClient } from '@tanstack/vue-query'
import { useEventListener } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { MadeView } from '@/shared/api/types'
import { onReturn } from '@/shared/api/server'
import { keepUnsent, unsent, type Unsent } from './kept'

/**
 * Sends makes that are over. Each goes to the server at once. What the server does not take now is kept on this device, or on
 * this page where the device keeps nothing, and goes out when the server is back; under its own id, so that it is kept there
 * once however often it is sent. What the server refuses stays with the reason until somebody discards it.
 */
export function useSending() {
  const client = useQueryClient()
  /** Everything that is not sent, whether or not the device keeps it. */
  const waiting = ref<Unsent[]>(unsent())

  /** What this page has and what another page of this device has kept meanwhile. */
  function all(): Unsent[] {
    const mine = waiting.value
    return [...unsent().filter(({ id }) => !mine.some((each) => each.id === id)), ...mine]
  }

  function keep(makes: Unsent[]): void {
    const isKept = keepUnsent(makes.map((make) => ({ ...make, isOnPageOnly: false })))
    waiting.value = makes.map((make) => ({ ...make, isOnPageOnly: !isKept }))
  }

  function remove(id: string): void {
    keep(all().filter((each) => each.id !== id))
  }

  /** Sends one; null where it waits, or is refused. */
  async function send(make: Unsent): Promise<MadeView | null> {
    keep([...all(), make])
    return (await flush()).get(make.id) ?? null
  }

  async function flush(again = false): Promise<Map<string, MadeView>> {
    const taken = new Map<string, MadeView>()
    for (const { id, request } of all().filter(({ refused }) => again || refused === undefined)) {
      try {
        taken.set(id, await ask(api.PUT('/api/makes/{id}', { params: { path: { id } }, body: request })))
        remove(id)
      } catch (error) {
        const problem = ApiProblem.of(error)
        if (problem.isForLater || problem.status >= 500) {
          break
        }

        keep(all().map((each) => (each.id === id ? { ...each, refused: problem.message } : each)))
      }
    }

    if (taken.size > 0) {
      await client.invalidateQueries({ queryKey: keys.poured })
    }

    return taken
  }

  onMounted(() => void flush())
  onReturn(() => void flush())
  // What is on this page only would be gone with it.
  useEventListener('beforeunload', (event) => {
    if (waiting.value.some(({ isOnPageOnly }) => isOnPageOnly)) {
      event.preventDefault()
    }
  })
  return { send, flush, throwAway: remove, waiting }
}
