import type { BuildDocument, Draft, DraftLine } from '@/shared/api/types'
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

/** Puts a changed line in the place of the one with its id. */
export function putLine(draft: Draft, line: DraftLine): void {
  draft.lines = draft.lines.map((each) => (each.id === line.id ? line : each))
}
