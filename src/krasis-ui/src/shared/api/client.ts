import createClient from 'openapi-fetch'
import { markReachable, markSilent, markUnable } from '@/shared/api/server'
import { rememberedWho } from '@/shared/api/who'
import { ApiProblem } from './ApiProblem'
import type { paths } from './schema'

/** The server, as its own description types it. */
export const api = createClient<paths>({
  // Not a middleware: with one, a request would go out only after the key that asked for it has moved on.
  fetch: (request) => {
    const who = rememberedWho()
    if (who !== '') {
      // Names have letters that a header has not.
      request.headers.set('Krasis-Who', encodeURIComponent(who))
    }

    return fetch(request)
  },
})

/**
 * Waits for an answer of the server.
 * @returns What it answered with.
 * @throws {ApiProblem} It answered with a problem, or not at all.
 */
export async function ask<T>(answer: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let settled
  try {
    settled = await answer
  } catch (error) {
    // Something came, so that there is somebody: asking again at once, as after an absence, would go on for ever.
    if (error instanceof SyntaxError) {
      throw ApiProblem.unreadable()
    }

    // What the page itself has called off says nothing of the server.
    if (!(error instanceof DOMException && error.name === 'AbortError')) {
      markSilent()
    }

    throw ApiProblem.unreachable()
  }

  if (!settled.response.ok) {
    const problem = ApiProblem.from(settled.response.status, settled.error)
    if (problem.isForLater) {
      markUnable(problem.message)
    }

    markReachable()
    throw problem
  }

  markReachable()

  return settled.data as T
}
