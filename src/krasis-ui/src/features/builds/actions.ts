import type { QueryClient } from '@tanstack/vue-query'
import { api, ask } from '@/shared/api/client'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { keys } from '@/shared/api/queries'
import type { BuildDocument, BuildState, BuildView } from '@/shared/api/types'
import { rememberedWho } from '@/shared/api/who'
import { tell } from '@/shared/notice/notice'

/** Runs something that talks to the server, and says so if it goes wrong. */
async function attempt<T>(client: QueryClient, work: () => Promise<T>): Promise<T | null> {
  try {
    return await work()
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
    return null
  } finally {
    await client.invalidateQueries({ queryKey: keys.builds })
  }
}

/** Keeps a copy under a name of its own. */
export function duplicate(client: QueryClient, document: BuildDocument): Promise<BuildView | null> {
  return attempt(client, () =>
    ask(api.POST('/api/builds', { body: { ...document, name: `${document.name} (copy)` } })),
  )
}

/** Keeps a copy of a build that is in the list. */
export function duplicateById(client: QueryClient, id: string): Promise<BuildView | null> {
  return attempt(client, async () => {
    const { document } = await ask(api.GET('/api/builds/{id}', { params: { path: { id } } }))
    return ask(api.POST('/api/builds', { body: { ...document, name: `${document.name} (copy)` } }))
  })
}

/** Takes a deletion back, and says what of the bar came back with it. */
export async function restore(client: QueryClient, id: string): Promise<void> {
  const restored = await attempt(client, () =>
    ask(api.POST('/api/builds/{id}/restore', { params: { path: { id } } })),
  )
  if (restored && restored.back.length > 0) {
    tell({
      text: `${restored.build.document.name} is back, and on the bar again: ${restored.back.join(', ')}.`,
    })
    await client.invalidateQueries({ queryKey: keys.bar })
  }
}

/** Retires builds together, each with its reason, and offers to take it back. */
export async function retireAll(
  client: QueryClient,
  builds: { id: string; etag: string; name: string; state: BuildState }[],
): Promise<void> {
  const move = (id: string, etag: string, state: 'retired' | 'draft' | 'trial', reason: string) =>
    ask(
      api.POST('/api/builds/{id}/state', {
        params: { header: { 'If-Match': etag }, path: { id } },
        body: { state, reason, who: rememberedWho() },
      }),
    )
  const retired: { id: string; etag: string; state: BuildState }[] = []
  const done = await attempt(client, async () => {
    for (const { id, etag, state } of builds) {
      const kept = await move(id, etag, 'retired', 'Retired with others.')
      retired.push({ id, etag: kept.etag, state })
    }

    return true
  })
  if (done) {
    tell({
      text: `${builds.length === 1 ? `'${builds[0]?.name}' is` : `${builds.length} builds are`} retired.`,
      action: {
        label: 'Undo',
        run: async () =>
          void (await attempt(client, async () => {
            for (const { id, etag, state } of retired) {
              // A standard comes back on trial: it becomes a standard again by being published.
              await move(id, etag, state === 'draft' ? 'draft' : 'trial', 'Back again.')
            }
          })),
      },
    })
  }
}

/** Deletes a build and offers to take it back. */
export async function deleteWithUndo(
  client: QueryClient,
  { id, etag, name }: { id: string; etag: string; name: string },
): Promise<boolean> {
  const done = await attempt(client, async () => {
    await ask(api.DELETE('/api/builds/{id}', { params: { header: { 'If-Match': etag }, path: { id } } }))
    return true
  })
  if (done) {
    tell({
      text: `'${name}' is deleted.`,
      action: { label: 'Undo', run: () => restore(client, id) },
    })
  }

  return done === true
}
