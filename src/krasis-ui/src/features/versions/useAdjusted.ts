import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'

/**
 * A standard that the bar has moved, beside what it was and what it would be adjusted.
 * @param isWanted Whether anybody looks at it; until then it is not asked for.
 */
export function useAdjusted(
  id: MaybeRefOrGetter<string>,
  version: MaybeRefOrGetter<string | null>,
  isWanted: MaybeRefOrGetter<boolean> = true,
) {
  return useQuery({
    queryKey: computed(() => [...keys.moved, 'adjusted', toValue(id), toValue(version)]),
    queryFn: () => ask(api.GET('/api/builds/{id}/adjusted', { params: { path: { id: toValue(id) } } })),
    enabled: computed(() => toValue(isWanted)),
    staleTime: 0,
  })
}
