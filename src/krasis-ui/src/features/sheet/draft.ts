import type { BuildDocument, Draft, DraftLine, IngredientView } from '@/shared/api/types'
import { newId } from '@/shared/newId'

/** A document with its gaps filled, so that it can be edited. */
export function toDraft(document: BuildDocument): Draft {
  return {
    name: document.name ?? '',
    reserveMm: document.reserveMm ?? 0,
    sizes: [...(document.sizes ?? [])],
    referenceSize: document.referenceSize ?? '',
    school: document.school ?? 'with-the-cup',
    lines: (document.lines ?? []).map((line) => ({
      id: line.id ?? newId(),
      ingredient: line.ingredient ?? '',
      measure: line.measure ?? '',
      amount: line.amount ?? 0,
      pins: (line.pins ?? []).map((pin) => ({ size: pin.size ?? '', amount: pin.amount ?? 0 })),
    })),
  }
}

/** A new line of an ingredient, in the measure that is most natural for it at this bar. */
export function newLine(ingredient: IngredientView): DraftLine {
  return {
    id: newId(),
    ingredient: ingredient.id,
    measure: ingredient.measures[0]?.code ?? '',
    amount: 0,
    pins: [],
  }
}

/** Sets the reference size's amount, or pins another size's. */
export function putAmount(draft: Draft, lineId: string, size: string, amount: number): void {
  const line = draft.lines.find((candidate) => candidate.id === lineId)
  if (!line) {
    return
  }

  if (size === draft.referenceSize) {
    line.amount = amount
    return
  }

  const pin = line.pins.find((candidate) => candidate.size === size)
  if (pin) {
    pin.amount = amount
  } else {
    line.pins.push({ size, amount })
  }
}

export function removePin(draft: Draft, lineId: string, size: string): void {
  const line = draft.lines.find((candidate) => candidate.id === lineId)
  if (line) {
    line.pins = line.pins.filter((pin) => pin.size !== size)
  }
}

/** Chooses the cups; what is pinned for a cup that goes, goes with it. */
export function putSizes(draft: Draft, sizes: string[]): void {
  draft.sizes = sizes
  for (const line of draft.lines) {
    line.pins = line.pins.filter((pin) => sizes.includes(pin.size))
  }
}

/**
 * Makes another size the reference. What that size shows now becomes what is set, so that nothing moves in it.
 * @param shown What the size shows now, by line.
 */
export function putReference(draft: Draft, size: string, shown: Map<string, number>): void {
  draft.referenceSize = size
  for (const line of draft.lines) {
    line.amount = shown.get(line.id) ?? line.amount
    line.pins = line.pins.filter((pin) => pin.size !== size)
  }
}

/** Moves a line up (-1) or down (1) in the pour order. */
export function moveLine(draft: Draft, lineId: string, by: -1 | 1): void {
  const from = draft.lines.findIndex((line) => line.id === lineId)
  const to = from + by
  const [line] = draft.lines.slice(from, from + 1)
  if (line && to >= 0 && to < draft.lines.length) {
    draft.lines.splice(from, 1)
    draft.lines.splice(to, 0, line)
  }
}
