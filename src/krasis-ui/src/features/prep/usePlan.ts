import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { PrepPlanView } from '@/shared/api/types'

/** The plan, and what is done with its batches. */
export function usePlan() {
  const client = useQueryClient()
  const key = [...keys.prep, 'plan']
  const query = useQuery({ queryKey: key, queryFn: () => ask(api.GET('/api/prep/plan')) })
  const isBusy = ref(false)
  /** Why what was asked for last was not done; empty when it was. */
  const trouble = ref('')

  /** Does something with a batch and shows the plan that comes of it; says whether it was done. */
  async function act(what: () => Promise<PrepPlanView>): Promise<boolean> {
    isBusy.value = true
    trouble.value = ''
    try {
      const plan = await what()
      await client.invalidateQueries({ queryKey: keys.prep, refetchType: 'none' })
      client.setQueryData(key, plan)
      return true
    } catch (error) {
      trouble.value = ApiProblem.of(error).message
      return false
    } finally {
      isBusy.value = false
    }
  }

  return {
    plan: computed(() => query.data.value ?? null),
    problem: computed(() => (query.error.value ? ApiProblem.of(query.error.value) : null)),
    isBusy,
    trouble,
    move: (batch: string, day: string, time: string) =>
      act(() =>
        ask(api.PUT('/api/prep/batches/{key}', { params: { path: { key: batch } }, body: { day, time } })),
      ),
    let: (batch: string) =>
      act(() => ask(api.DELETE('/api/prep/batches/{key}', { params: { path: { key: batch } } }))),
    begin: (batch: string, who: string | null, grams: number | null) =>
      act(() =>
        ask(
          api.POST('/api/prep/batches/{key}/begin', {
            params: { path: { key: batch } },
            body: { who, grams },
          }),
        ),
      ),
  }
}
