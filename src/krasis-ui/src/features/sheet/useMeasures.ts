import type { Ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { ApiProblem } from '@/shared/api/ApiProblem'
import type { Draft, DraftLine, Pourable } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { newLine } from './draft'

/** Changes what a line is made of and how it is said. */
export function useMeasures(change: (make: (next: Draft) => void) => void, pourables: Ref<Pourable[]>) {
  function changeLine(id: string, make: (line: DraftLine) => void): void {
    change((next) => next.lines.filter((line) => line.id === id).forEach(make))
  }

  /** Says the same amounts in another measure. */
  async function changeMeasure(line: DraftLine, to: string): Promise<void> {
    const said = async (amount: number) =>
      (
        await ask(
          api.POST('/api/quantities/read', {
            body: { text: `${amount.toFixed(9)} ${line.measure}`, ingredient: line.ingredient, measure: to },
          }),
        )
      ).amount
    try {
      const amount = await said(line.amount)
      const pins = await Promise.all(
        line.pins.map(async (pin) => ({ ...pin, amount: await said(pin.amount) })),
      )
      changeLine(line.id, (next) => Object.assign(next, { measure: to, amount, pins }))
    } catch (error) {
      tell({ text: ApiProblem.of(error).message, isFault: true })
    }
  }

  /** Puts another ingredient in a line's place; the amounts stay if it can be said in the same measure. */
  function changeIngredient(line: DraftLine, to: string): void {
    const ingredient = pourables.value.find((candidate) => candidate.id === to)
    if (!ingredient) {
      return
    }

    const keeps = ingredient.measures.some(({ code }) => code === line.measure)
    changeLine(line.id, (next) => {
      const { id, measure, amount, pins } = keeps ? next : { ...newLine(ingredient), id: line.id }
      Object.assign(next, { id, ingredient: to, measure, amount, pins })
    })
  }

  return { changeMeasure, changeIngredient }
}
