import { useQueryClient } from '@tanstack/vue-query'
import { onMounted, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { MadeView } from '@/shared/api/types'
import { onReturn } from '@/shared/server/server'
import { keepUnsent, unsent, type Unsent } from './kept'

/**
 * Sends makes that are over. What cannot be sent now is kept on this device, and goes out when the server is back; under its own
 * id, so that it is kept there once however often it is sent. What the server does not take stays here with the reason, until
 * somebody throws it away.
 */
export function useSending() {
  const client = useQueryClient()
  const waiting = ref<Unsent[]>(unsent())

  function keep(makes: Unsent[]): void {
    keepUnsent(makes)
    waiting.value = makes
  }

  /** Sends one; null where it is kept for later, or is refused. */
  async function send(make: Unsent): Promise<MadeView | null> {
    keep([...unsent(), make])
    return (await flush()).get(make.id) ?? null
  }

  async function flush(again = false): Promise<Map<string, MadeView>> {
    const taken = new Map<string, MadeView>()
    for (const { id, request } of unsent().filter(({ refused }) => again || refused === undefined)) {
      try {
        taken.set(id, await ask(api.PUT('/api/makes/{id}', { params: { path: { id } }, body: request })))
        keep(unsent().filter((each) => each.id !== id))
      } catch (error) {
        const problem = ApiProblem.of(error)
        if (problem.isForLater || problem.status >= 500) {
          break
        }

        keep(unsent().map((each) => (each.id === id ? { ...each, refused: problem.message } : each)))
      }
    }

    if (taken.size > 0) {
      await client.invalidateQueries({ queryKey: keys.poured })
    }

    return taken
  }

  function throwAway(id: string): void {
    keep(unsent().filter((each) => each.id !== id))
  }

  onMounted(() => void flush())
  onReturn(() => void flush())
  return { send, flush, throwAway, waiting }
}
