import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { newId } from '@/shared/newId'
import { tell } from '@/shared/notice/notice'

/** What is written in the book of stock. */
export interface StockLine {
  move: 'made' | 'bought' | 'opened' | 'used' | 'thrown' | 'counted'
  lot?: string
  item?: string
  amount?: number | null
  packs?: number | null
  useBy?: string | null
  reason?: string | null
  who?: string | null
}

/** What is in stock, and the book of it. */
export function useStock() {
  const client = useQueryClient()
  const key = [...keys.prep, 'stock']
  const query = useQuery({ queryKey: key, queryFn: () => ask(api.GET('/api/prep/stock')) })

  /** Writes a line; says whether it was kept. */
  async function write(line: StockLine): Promise<boolean> {
    try {
      const body = {
        id: newId(),
        move: line.move,
        lot: line.lot ?? null,
        item: line.item ?? null,
        amount: line.amount ?? null,
        packs: line.packs ?? null,
        useBy: line.useBy ?? null,
        reason: line.reason ?? null,
        who: line.who ?? null,
      }
      const stock = await ask(api.POST('/api/prep/stock', { body }))
      await client.invalidateQueries({ queryKey: keys.prep, refetchType: 'none' })
      await client.invalidateQueries({ queryKey: keys.short })
      client.setQueryData(key, stock)
      return true
    } catch (error) {
      tell({ text: ApiProblem.of(error).message, isFault: true })
      return false
    }
  }

  return {
    stock: computed(() => query.data.value ?? null),
    problem: computed(() => (query.error.value ? ApiProblem.of(query.error.value) : null)),
    write,
  }
}
