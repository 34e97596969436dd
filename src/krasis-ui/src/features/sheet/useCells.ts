import { computed, ref, type Ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { ApiProblem } from '@/shared/api/ApiProblem'
import type { Draft } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { putAmount } from './draft'

/** What somebody typed into a cell that could not be read. It stays in the cell until it is mended or taken back. */
export interface CellFault {
  text: string
  message: string
}

/** Turns what is typed into cells into amounts of the draft. */
export function useCells(draft: Ref<Draft | null>, change: (make: (next: Draft) => void) => void) {
  const faults = ref(new Map<string, CellFault>())
  const keyOf = (line: string, size: string) => `${line} ${size}`

  function setFault(line: string, size: string, fault: CellFault | null): void {
    const next = new Map(faults.value)
    if (fault) {
      next.set(keyOf(line, size), fault)
    } else {
      next.delete(keyOf(line, size))
    }

    faults.value = next
  }

  /** Keeps only the faults of cells that are still there. */
  function prune(): void {
    const cells = new Set(
      draft.value?.lines.flatMap((line) => draft.value?.sizes.map((size) => keyOf(line.id, size))),
    )
    faults.value = new Map([...faults.value].filter(([key]) => cells.has(key)))
  }

  /** Reads what was typed into a cell; null when it cannot be read, and then it stays there with what is wrong with it. */
  async function readCell(lineId: string, size: string, text: string) {
    const line = draft.value?.lines.find((candidate) => candidate.id === lineId)
    if (!line) {
      return null
    }

    try {
      const { ingredient, measure } = line
      const quantity = await ask(
        api.POST('/api/quantities/read', {
          body: { text, ingredient, measure, build: draft.value, size, line: lineId },
        }),
      )
      setFault(lineId, size, null)
      return quantity
    } catch (error) {
      const problem = ApiProblem.of(error)
      const field = problem.errors[0]
      const message = field ? `${field.message} Accepted: ${field.accepted}.` : problem.message
      setFault(lineId, size, { text, message })
      return null
    }
  }

  async function commit(lineId: string, size: string, text: string): Promise<void> {
    const quantity = await readCell(lineId, size, text)
    if (quantity?.objection) {
      tell({ text: quantity.objection, isFault: true })
    }

    if (quantity) {
      change((next) => putAmount(next, lineId, size, quantity.amount))
    }
  }

  /** Takes a block of cells at once, so that one undo takes all of it back. What cannot be read stays in its cell. */
  async function commitBlock(cells: { line: string; size: string; text: string }[]): Promise<void> {
    const edits: { line: string; size: string; amount: number }[] = []
    for (const { line, size, text } of cells) {
      const quantity = text === '' ? null : await readCell(line, size, text)
      if (quantity) {
        edits.push({ line, size, amount: quantity.amount })
      }
    }

    change((next) => edits.forEach(({ line, size, amount }) => putAmount(next, line, size, amount)))
  }

  return {
    commit,
    commitBlock,
    prune,
    fault: (line: string, size: string) => faults.value.get(keyOf(line, size)) ?? null,
    revert: (line: string, size: string) => setFault(line, size, null),
    hasFaults: computed(() => faults.value.size > 0),
  }
}
