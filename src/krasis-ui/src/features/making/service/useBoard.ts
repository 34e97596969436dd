import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { useIntervalFn, useStorage } from '@vueuse/core'
import { computed, ref, watch, type MaybeRefOrGetter, toValue } from 'vue'
import { api, ask } from '@/shared/api/client'
import { healthOf } from '@/shared/api/server'
import { keys } from '@/shared/api/queries'
import type { WishQuery } from '@/shared/api/types'

/** At which station this device stands; null for the one where standards are set. */
export const station = useStorage<string | null>('krasis.station', null)

const minute = 60_000
const lookEvery = 4000

/** Whether the server itself has answered, and not what is kept here of it. */
const isReached = ref(true)

/** How every size of a drink is made here, as a guest asks for it. */
function plansOf(build: string, wish: WishQuery, standard: number | null = null) {
  return {
    queryKey: [...keys.cards, build, station.value, wish, standard],
    queryFn: () =>
      ask(
        api.GET('/api/builds/{id}/cards', {
          params: {
            path: { id: build },
            query: {
              ...wish,
              ...(station.value === null ? {} : { station: station.value }),
              ...(standard === null ? {} : { standard }),
            } as never,
          },
        }),
      ),
  }
}

/** What is on the board here. What is on it is fetched with it, so that a drink can be made when the server has gone. */
export function useBoard() {
  const client = useQueryClient()
  const board = useQuery({
    queryKey: computed(() => [...keys.service, station.value]),
    queryFn: () =>
      ask(
        api.GET('/api/service', {
          params: { query: station.value === null ? {} : { station: station.value } },
        }),
      ),
    placeholderData: keepPreviousData,
    refetchInterval: 5 * minute,
  })
  const view = computed(() => board.data.value ?? null)
  useIntervalFn(
    async () => {
      // A server that cannot save still knows what is on its board.
      const health = await healthOf()
      isReached.value = health === 'well' || health.says !== null
    },
    lookEvery,
    { immediateCallback: true },
  )
  watch(view, async (now) => {
    for (const { build } of now?.drinks ?? []) {
      await client.prefetchQuery({ ...plansOf(build, {}), staleTime: 5 * minute })
    }
  })
  return { board, view }
}

/** How a drink is made here. */
export function useDrink(build: MaybeRefOrGetter<string>, wish: MaybeRefOrGetter<WishQuery>) {
  return useQuery({
    queryKey: computed(() => plansOf(toValue(build), toValue(wish)).queryKey),
    queryFn: () => plansOf(toValue(build), toValue(wish)).queryFn(),
    placeholderData: keepPreviousData,
  })
}

/** How long ago something was so, where the server cannot be asked whether it still is; null where it can. */
export function ageOf(at: string | undefined): string | null {
  if (isReached.value || at === undefined) {
    return null
  }

  const minutes = Math.max(0, Math.round((Date.now() - new Date(at).getTime()) / minute))
  return minutes < 1
    ? 'less than a minute'
    : minutes < 90
      ? `${minutes} min`
      : minutes < 48 * 60
        ? `${Math.round(minutes / 60)} h`
        : `${Math.round(minutes / 60 / 24)} days`
}
