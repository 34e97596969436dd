import { useQueryClient } from '@tanstack/vue-query'
import { onMounted, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { MadeView } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { onReturn } from '@/shared/server/server'
import { keepUnsent, unsent, type Unsent } from './kept'

/**
 * Sends makes that are over. What cannot be sent now is kept on this device, and goes out when the server is back; under its own
 * id, so that it is kept there once however often it is sent.
 */
export function useSending() {
  const client = useQueryClient()
  const left = ref(unsent().length)

  async function put({ id, request }: Unsent): Promise<MadeView | null> {
    try {
      return await ask(api.PUT('/api/makes/{id}', { params: { path: { id } }, body: request }))
    } catch (error) {
      const problem = ApiProblem.of(error)
      if (problem.status === 0 || problem.status >= 500) {
        throw problem
      }

      // What the server will never take is no reason to ask it for ever.
      tell({ text: problem.message, isFault: true })
      return null
    }
  }

  /** Sends one; null where it is kept for later, or is refused. */
  async function send(make: Unsent): Promise<MadeView | null> {
    keepUnsent([...unsent(), make])
    left.value = unsent().length
    return (await flush()).get(make.id) ?? null
  }

  async function flush(): Promise<Map<string, MadeView>> {
    const taken = new Map<string, MadeView>()
    for (const make of unsent()) {
      try {
        const view = await put(make)
        if (view) {
          taken.set(make.id, view)
        }
      } catch {
        break
      }

      keepUnsent(unsent().filter(({ id }) => id !== make.id))
    }

    left.value = unsent().length
    if (taken.size > 0) {
      await client.invalidateQueries({ queryKey: keys.poured })
    }

    return taken
  }

  onMounted(() => void flush())
  onReturn(() => void flush())
  return { send, flush, left }
}
