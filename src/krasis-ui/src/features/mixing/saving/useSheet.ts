import { keepPreviousData, replaceEqualDeep, useQuery, type QueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { ApiProblem } from '@/shared/api/ApiProblem'
import type { BuildSheet, Draft } from '@/shared/api/types'

// What a draft is called changes nothing in its sheet.
const keyOf = (draft: Draft | null) => [...keys.mix, JSON.stringify({ ...draft, name: '' })]

/** Lays a sheet that is known already where the draft's sheet will be looked for. */
export function foreknow(client: QueryClient, draft: Draft, sheet: BuildSheet): void {
  client.setQueryData(keyOf(draft), sheet)
}

/** The sheet of a draft, worked out by the server. The last good one stays while the next is on its way, and while the
 * draft holds something that cannot be worked out. */
export function useSheet(draft: Ref<Draft | null>) {
  const query = useQuery({
    queryKey: computed(() => keyOf(draft.value)),
    queryFn: ({ signal }) =>
      ask(api.POST('/api/mix', { body: { ...(draft.value as Draft), name: '' }, signal })),
    enabled: computed(() => draft.value !== null),
    placeholderData: keepPreviousData,
    gcTime: 60_000,
    // As long as an answer that came with a cell counts as the draft's own.
    staleTime: 5_000,
    // Sheets are large and never changed in place.
    shallow: true,
  })
  let last: BuildSheet | undefined
  return {
    // What is the same as in the sheet before stays the same object, so that only what changed is drawn anew.
    sheet: computed(() => {
      last = query.data.value ? (replaceEqualDeep(last, query.data.value) as BuildSheet) : last
      return last
    }),
    problem: computed(() => (query.error.value ? ApiProblem.of(query.error.value) : null)),
    isCurrent: computed(() => query.isSuccess.value && !query.isPlaceholderData.value),
    again: () => query.refetch(),
  }
}
