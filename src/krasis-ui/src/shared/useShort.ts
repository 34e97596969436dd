import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, ask } from './api/client'
import { keys } from './api/queries'

/** What standards lack, by build, as far as the book of stock knows: nothing is said while the server does not answer. */
export function useShort() {
  const query = useQuery({ queryKey: keys.short, queryFn: () => ask(api.GET('/api/prep/short')) })
  return computed(() => {
    const short = new Map<string, string[]>()
    for (const { build, says } of query.data.value ?? []) {
      short.set(build, [...(short.get(build) ?? []), says])
    }

    return short
  })
}
