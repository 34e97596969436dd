import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { ApiProblem } from '@/shared/api/ApiProblem'
import type { Draft } from '@/shared/api/types'

/** The sheet of a draft, worked out by the server. The last good one stays while the next is on its way, and while the
 * draft holds something that cannot be worked out. */
export function useSheet(draft: Ref<Draft | null>) {
  const query = useQuery({
    queryKey: computed(() => ['mix', JSON.stringify({ ...draft.value, name: '' })]),
    queryFn: ({ signal }) =>
      ask(api.POST('/api/mix', { body: { ...(draft.value as Draft), name: '' }, signal })),
    enabled: computed(() => draft.value !== null),
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  })
  let last: typeof query.data.value
  return {
    sheet: computed(() => {
      last = query.data.value ?? last
      return last
    }),
    problem: computed(() => (query.error.value ? ApiProblem.of(query.error.value) : null)),
    isCurrent: computed(() => query.isSuccess.value && !query.isPlaceholderData.value),
    again: () => query.refetch(),
  }
}
