import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { ApiProblem } from '@/shared/api/ApiProblem'
import type { Draft, QuantityView } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { onReturn } from '@/shared/server/server'
import { dropUnsaved, findUnsaved, keepUnsaved } from '@/shared/unsaved/unsaved'
import { putAmount } from './draft'
import { foreknow } from './useSheet'

/** What somebody typed into a cell that could not be read. It stays in the cell until it is mended or taken back. */
export interface CellFault {
  text: string
  message: string
  /** Whether it only waits for the server, and will be read when that is back. */
  isWaiting?: boolean
}

/** What is asked for of a cell: in words, or as how high the whole drink is to stand. */
type Said = { text: string } | { surfaceMm: number }

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
export function useCells(
  draft: Ref<Draft | null>,
  change: (make: (next: Draft) => void, of?: string | null) => void,
  what: Ref<string>,
) {
  const client = useQueryClient()
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
    return readWaiting(findUnsaved<[string, string][]>(`${what.value}.cells`)?.draft ?? [])
  }

  onReturn(() => void readWaiting(waiting.value))

  /** Keeps only the faults of cells that are still there. */
  function prune(): void {
    const cells = new Set(
      draft.value?.lines.flatMap((line) => draft.value?.sizes.map((size) => keyOf(line.id, size))),
    )
    faults.value = new Map([...faults.value].filter(([key]) => cells.has(key)))
  }

  /** Asks the server what a text says in a cell. */
  function read(
    lineId: string,
    size: string,
    said: Said,
    how: { mix?: boolean; signal?: AbortSignal } = {},
  ): Promise<QuantityView> | null {
    const line = draft.value?.lines.find((candidate) => candidate.id === lineId)
    if (!line) {
      return null
    }

    const { ingredient, measure } = line
    const { mix = false, signal } = how
    const body = { ...said, ingredient, measure, build: draft.value, size, line: lineId, mix }
    return ask(api.POST('/api/quantities/read', { body, ...(signal ? { signal } : {}) }))
  }

  function messageOf(problem: ApiProblem): string {
    const field = problem.errors[0]
    return field ? `${field.message} Accepted: ${field.accepted}.` : problem.message
  }

  /** Reads what was typed into a cell; null when it cannot be read, and then it stays there with what is wrong with it. */
  async function readCell(
    lineId: string,
    size: string,
    text: string,
    mix = false,
  ): Promise<QuantityView | null> {
    try {
      const quantity = await read(lineId, size, { text }, { mix })
      setFault(lineId, size, null)
      return quantity
    } catch (error) {
      const problem = ApiProblem.of(error)
      setFault(
        lineId,
        size,
        problem.status === 0
          ? { text, message: 'Waits for Krasis.', isWaiting: true }
          : { text, message: messageOf(problem) },
      )
      return null
    }
  }

  async function commit(lineId: string, size: string, text: string): Promise<void> {
    const asked = draft.value
    const quantity = await readCell(lineId, size, text, true)
    if (quantity?.objection) {
      tell({ text: quantity.objection, isFault: true })
    }

    if (quantity) {
      const isStill = draft.value === asked
      change((next) => {
        putAmount(next, lineId, size, quantity.amount, quantity.to)
        // The answer holds the sheet already, unless something else has been changed while it was on its way.
        if (quantity.sheet && isStill) {
          foreknow(client, next, quantity.sheet)
        }
      })
    }
  }

  /** Says what is being typed, before it is taken; null when it cannot be asked. */
  function peek(lineId: string, size: string, text: string, signal: AbortSignal): Promise<Peek | null> {
    return look(lineId, size, { text }, signal)
  }

  async function look(lineId: string, size: string, said: Said, signal?: AbortSignal): Promise<Peek | null> {
    try {
      const quantity = await read(lineId, size, said, signal ? { signal } : {})
      return quantity && { quantity, message: quantity.objection }
    } catch (error) {
      const problem = ApiProblem.of(error)
      return problem.status === 0 ? null : { quantity: null, message: messageOf(problem) }
    }
  }

  /** Takes a block of cells at once, so that one undo takes all of it back. What cannot be read stays in its cell. */
  async function commitBlock(cells: { line: string; size: string; text: string }[]): Promise<void> {
    const edits: { line: string; size: string; amount: number; to: string | null }[] = []
    for (const { line, size, text } of cells) {
      const quantity = text === '' ? null : await readCell(line, size, text)
      if (quantity) {
        edits.push({ line, size, amount: quantity.amount, to: quantity.to })
      }
    }

    change((next) => edits.forEach(({ line, size, amount, to }) => putAmount(next, line, size, amount, to)))
  }

  /** Pours a line to about so much: to the nearest that the bar pours. */
  async function stepTo(line: string, size: string, amount: number): Promise<void> {
    const found = await look(line, size, { text: `${amount}` })
    const poured = found?.quantity?.poured
    if (poured !== undefined) {
      change((next) => putAmount(next, line, size, poured))
    }
  }

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
      const { drag, ...next }: NonNullable<typeof wanted> = wanted
      wanted = null
      const found = await look(next.line, next.size, { surfaceMm: next.mm })
      const poured = found?.quantity?.poured
      if (poured !== undefined) {
        change((draft) => putAmount(draft, next.line, next.size, poured), `fill line ${drag}`)
      }
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
