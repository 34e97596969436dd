import { computed, ref, watch, type Ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { ApiProblem } from '@/shared/api/ApiProblem'
import type { Draft, EditDocument, QuantityView, TypedCell } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { onReturn } from '@/shared/api/server'
import { dropUnsaved, findUnsaved, keepUnsaved } from '@/shared/unsaved/unsaved'
import type { Edits } from '@/features/mixing/saving/useEdits'

/** What somebody typed into a cell that could not be read. It stays in the cell until it is mended or taken back. */
export interface CellFault {
  text: string
  message: string
  /** Whether it only waits for the server, and will be read when that is back. */
  isWaiting?: boolean
}

/** What is being typed into a cell, understood. */
export interface Peek {
  quantity: QuantityView | null
  /** What is wrong with it. */
  message: string | null
}

/**
 * Turns what is typed into cells into amounts of the draft.
 * @param what What the build is known by, for what waits for the server.
 */
export function useCells(draft: Ref<Draft | null>, edits: Pick<Edits, 'send'>, what: Ref<string>) {
  const faults = ref(new Map<string, CellFault>())
  const keyOf = (line: string, size: string) => `${line} ${size}`

  function setFault(line: string, size: string, fault: CellFault | null): void {
    // Every cell looks at the faults: where there is none and was none, none need look again.
    if (!fault && !faults.value.has(keyOf(line, size))) {
      return
    }

    const next = new Map(faults.value)
    if (fault) {
      next.set(keyOf(line, size), fault)
    } else {
      next.delete(keyOf(line, size))
    }

    faults.value = next
  }

  const waiting = computed(() =>
    [...faults.value]
      .filter(([, fault]) => fault.isWaiting)
      .map(([key, fault]) => [key, fault.text] as const),
  )
  watch(waiting, (now, before) => {
    const kept = `${what.value}.cells`
    if (now.length > 0) {
      keepUnsaved(kept, { draft: now, etag: null, at: new Date().toISOString() })
    } else if (before.length > 0) {
      dropUnsaved(kept)
    }
  })

  /** Reads what waited for the server. */
  async function readWaiting(entries: readonly (readonly [string, string])[]): Promise<void> {
    for (const [key, text] of entries) {
      const [line = '', size = ''] = key.split(' ')
      await commit(line, size, text)
    }
  }

  /** Takes up what waited for the server when the page was closed. */
  function bringBack(): Promise<void> {
    const kept = `${what.value}.cells`
    const entries = findUnsaved<[string, string][]>(kept)?.draft ?? []
    // Once only: what has to wait again is kept again.
    dropUnsaved(kept)
    return readWaiting(entries)
  }

  onReturn(() => void readWaiting(waiting.value))

  /** Keeps only the faults of cells that are still there. */
  function prune(): void {
    const cells = new Set(
      draft.value?.lines.flatMap((line) => draft.value?.sizes.map((size) => keyOf(line.id, size))),
    )
    faults.value = new Map([...faults.value].filter(([key]) => cells.has(key)))
  }

  function messageOf(problem: ApiProblem): string {
    const field = problem.errors[0]
    return field ? `${field.message} Accepted: ${field.accepted}.` : problem.message
  }

  const commit = (line: string, size: string, text: string) => commitBlock([{ line, size, text }])

  /** Takes cells at once, so that one undo takes all of it back. What cannot be read stays in its cell with what is wrong with it. */
  async function commitBlock(cells: TypedCell[]): Promise<void> {
    const typed = cells.filter(({ text }) => text !== '' || cells.length === 1)
    const put = (faultOf: (cell: TypedCell) => CellFault | null) =>
      typed.forEach((cell) => setFault(cell.line, cell.size, faultOf(cell)))
    try {
      const troubles = await edits.send({ typed })
      put(({ line, size, text }) => {
        const found = troubles.find((trouble) => trouble.line === line && trouble.size === size)
        return found ? { text, message: found.message } : null
      })
    } catch (error) {
      const problem = ApiProblem.of(error)
      put(({ text }) =>
        problem.isForLater
          ? { text, message: 'Waits for Krasis.', isWaiting: true }
          : { text, message: messageOf(problem) },
      )
    }
  }

  /** Says what is being typed, before it is taken; null when it cannot be asked. */
  async function peek(id: string, size: string, text: string, signal: AbortSignal): Promise<Peek | null> {
    const line = draft.value?.lines.find((candidate) => candidate.id === id)
    if (!line) {
      return null
    }

    try {
      const { ingredient, measure } = line
      const body = { text, ingredient, measure, build: draft.value, size, line: id }
      const quantity = await ask(api.POST('/api/quantities/read', { body, signal }))
      return { quantity, message: quantity.objection }
    } catch (error) {
      const problem = ApiProblem.of(error)
      return problem.isForLater ? null : { quantity: null, message: messageOf(problem) }
    }
  }

  /** Does what a finger on a cup asks for; what cannot be done leaves the cup as it is. */
  async function pour(edit: EditDocument, of: string | null = null): Promise<void> {
    try {
      await edits.send(edit, of)
    } catch (error) {
      tell({ text: ApiProblem.of(error).message, isFault: true })
    }
  }

  /** Pours a line to about so much: to the nearest that the bar pours. */
  const stepTo = (line: string, size: string, amount: number) => pour({ near: { line, size, amount } })

  let drags = 0
  let wanted: { line: string; size: string; mm: number; drag: number } | null = null
  let isFilling = false

  /** Pours a line to where the fill line is dragged, to the nearest that the bar pours. Only the last place of a drag is asked
   * for, and the whole drag is one step back. */
  async function fillTo(line: string, size: string, mm: number): Promise<void> {
    wanted = { line, size, mm, drag: drags }
    if (isFilling) {
      return
    }

    isFilling = true
    while (wanted) {
      const { drag, ...surface }: NonNullable<typeof wanted> = wanted
      wanted = null
      await pour({ surface }, `fill line ${drag}`)
    }

    isFilling = false
  }

  return {
    commit,
    commitBlock,
    peek,
    fillTo,
    stepTo,
    beginFill: () => void drags++,
    bringBack,
    prune,
    fault: (line: string, size: string) => faults.value.get(keyOf(line, size)) ?? null,
    revert: (line: string, size: string) => setFault(line, size, null),
    hasFaults: computed(() => faults.value.size > 0),
    /** Whether all that is in the way of saving is that the server is gone. */
    onlyWaits: computed(() => [...faults.value.values()].every((fault) => fault.isWaiting)),
  }
}
