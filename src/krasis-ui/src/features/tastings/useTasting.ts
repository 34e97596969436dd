import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { TastingView } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'

/** How often is looked who has answered, while it is being tasted, ms. */
const lookEvery = 2000

/** One tasting, and what is done with it. */
export function useTasting(id: string) {
  const client = useQueryClient()
  const key = [...keys.tastings, id]
  const query = useQuery({
    queryKey: key,
    queryFn: () => ask(api.GET('/api/tastings/{id}', { params: { path: { id } } })),
    refetchInterval: (asked) => (asked.state.data?.state === 'open' ? lookEvery : false),
  })
  const isBusy = ref(false)

  function lay(view: TastingView): void {
    client.setQueryData(key, view)
  }

  /** Does something and shows what comes of it; says whether it was done. */
  async function act(what: () => Promise<TastingView>): Promise<boolean> {
    isBusy.value = true
    try {
      lay(await what())
      await client.invalidateQueries({ queryKey: keys.tastings })
      return true
    } catch (error) {
      const problem = ApiProblem.of(error)
      tell({ text: problem.message, isFault: true })
      await query.refetch()
      return false
    } finally {
      isBusy.value = false
    }
  }

  const view = computed(() => query.data.value ?? null)
  const params = { path: { id } }
  const header = () => ({ 'If-Match': view.value?.etag ?? '' })
  return {
    view,
    isBusy,
    problem: computed(() => (query.error.value ? ApiProblem.of(query.error.value) : null)),
    lay,
    act,
    open: () =>
      act(() => ask(api.POST('/api/tastings/{id}/open', { params: { ...params, header: header() } }))),
    close: () =>
      act(() => ask(api.POST('/api/tastings/{id}/close', { params: { ...params, header: header() } }))),
    withdraw: (sample: number) =>
      act(() => ask(api.POST('/api/tastings/{id}/withdraw', { params, body: { sample } }))),
    countLate: () => act(() => ask(api.POST('/api/tastings/{id}/late', { params }))),
    practise: (body: { tasters: number; scale: string | null; percent: number | null }) =>
      act(() => ask(api.POST('/api/tastings/{id}/practise', { params, body }))),
    decide: (body: {
      take: boolean
      sample: number | null
      scale: string | null
      line: string | null
      who: string
      why: string
    }) =>
      act(async () => {
        const decided = await ask(api.POST('/api/tastings/{id}/decide', { params, body }))
        await client.invalidateQueries({ queryKey: keys.builds })
        await client.invalidateQueries({ queryKey: keys.history })
        return decided
      }),
  }
}

export type Tasting = ReturnType<typeof useTasting>
