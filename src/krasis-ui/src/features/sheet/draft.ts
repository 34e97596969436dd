import type { BuildDocument, Draft, DraftLine, Pourable } from '@/shared/api/types'
import { newId } from '@/shared/newId'

/** A document with its gaps filled, so that it can be edited. */
export function toDraft(document: BuildDocument): Draft {
  return {
    ...document,
    name: document.name ?? '',
    reserveMm: document.reserveMm ?? 0,
    sizes: [...(document.sizes ?? [])],
    referenceSize: document.referenceSize ?? '',
    school: document.school ?? 'with-the-cup',
    lines: (document.lines ?? []).map((line) => ({
      ...line,
      id: line.id ?? newId(),
      ingredient: line.ingredient ?? '',
      measure: line.measure ?? '',
      amount: line.amount ?? 0,
      pins: (line.pins ?? []).map((pin) => ({ ...pin, size: pin.size ?? '', amount: pin.amount ?? 0 })),
    })),
  }
}

/** A new line, in the measure that is most natural for it at this bar. */
export function newLine(pourable: Pourable): DraftLine {
  return {
    id: newId(),
    ingredient: pourable.id,
    measure: pourable.measures[0]?.code ?? '',
    amount: 0,
    pins: [],
  }
}

/**
 * Sets the reference size's amount, or pins another size's.
 * @param to The mark to which it fills the cup instead, as it is said; at the reference size it holds for every size.
 */
export function putAmount(
  draft: Draft,
  lineId: string,
  size: string,
  amount: number,
  to: string | null = null,
): void {
  const line = draft.lines.find((candidate) => candidate.id === lineId)
  if (!line) {
    return
  }

  if (size === draft.referenceSize) {
    line.amount = amount
    line.to = to
    return
  }

  const pin = line.pins.find((candidate) => candidate.size === size)
  if (pin) {
    pin.amount = amount
    pin.to = to
  } else {
    line.pins.push({ size, amount, to })
  }
}

/** Puts a changed line in the place of the one with its id. */
export function putLine(draft: Draft, line: DraftLine): void {
  draft.lines = draft.lines.map((each) => (each.id === line.id ? line : each))
}

export function removePin(draft: Draft, lineId: string, size: string): void {
  const line = draft.lines.find((candidate) => candidate.id === lineId)
  if (line) {
    line.pins = line.pins.filter((pin) => pin.size !== size)
  }
}

/** Chooses the cups; what is said of a cup that goes, goes with it. */
export function putSizes(draft: Draft, sizes: string[]): void {
  draft.sizes = sizes
  draft.prices = draft.prices?.filter((price) => sizes.includes(price.size ?? '')) ?? []
  for (const line of draft.lines) {
    keepPins(line, (size) => sizes.includes(size))
  }
}

/** Keeps what a line says by hand of some sizes only. */
function keepPins(line: DraftLine, wanted: (size: string) => boolean): void {
  line.pins = line.pins.filter((pin) => wanted(pin.size))
  if (line.scale?.ladder) {
    line.scale.ladder = line.scale.ladder.filter((rung) => wanted(rung.size ?? ''))
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
    keepPins(line, (pinned) => pinned !== size)
  }
}

/** Puts a line in another place of the pour order.
 * @param to Where it is to stand, counted before it is taken out: 0 is first.
 */
export function placeLine(draft: Draft, lineId: string, to: number): void {
  const from = draft.lines.findIndex((line) => line.id === lineId)
  const [line] = from < 0 ? [] : draft.lines.splice(from, 1)
  if (line) {
    draft.lines.splice(to > from ? to - 1 : to, 0, line)
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
