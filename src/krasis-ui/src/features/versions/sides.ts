import type { BuildSheet, SizeSheet } from '@/shared/api/types'
import { figureRows, tasteRows } from '@/shared/band'
import { amount } from '@/shared/format'

/** One of the things that are compared. */
export interface Side {
  /** The build; empty before one is chosen. */
  id: string
  /** A version of it: now, v3 (a save) or s1 (a standard). */
  place: string
  /** One of its sizes; empty for all of them. */
  size: string
}

/** The sides as they stand in an address: build@place@size. */
export function readSide(text: unknown): Side {
  const [id = '', place = 'now', size = ''] = String(text ?? '').split('@')
  return { id, place, size }
}

export function writeSide({ id, place, size }: Side): string {
  return [id, place, size].join('@').replace(/@$/, '')
}

/** The sizes of a side that are shown, and the one whose numbers are compared: the chosen one, or else the reference. */
export function sizesOf(
  side: Side,
  sheet: BuildSheet,
): { shown: SizeSheet[]; compared: SizeSheet | undefined } {
  const chosen = sheet.sizes.find(({ size }) => size === side.size)
  return chosen
    ? { shown: [chosen], compared: chosen }
    : { shown: sheet.sizes, compared: sheet.sizes.find(({ isReference }) => isReference) }
}

export interface ComparedRow {
  name: string
  /** What each side says; null where it has no such thing. */
  cells: (string | null)[]
  /** Which sides differ from the first. */
  differs: boolean[]
}

/** What goes into one size of each side and what becomes of it, row by row. */
export function comparedRows(sides: { sheet: BuildSheet; size: SizeSheet }[]): ComparedRow[] {
  const rows = new Map<string, (string | null)[]>()
  const put = (name: string, at: number, says: string | null) => {
    const cells = rows.get(name) ?? sides.map(() => null)
    cells[at] = says
    rows.set(name, cells)
  }
  sides.forEach(({ size }, at) =>
    size.lines.forEach((line) => put(line.ingredientName, at, `${amount(line.amount)} ${line.unit}`)),
  )
  sides.forEach(({ sheet, size }, at) => {
    for (const row of tasteRows(sheet)) {
      put(row.name, at, row.cells.find((cell) => cell.size.size === size.size)?.value ?? 'not known')
    }

    for (const row of figureRows(sheet)) {
      const cell = row.cells.find((figure) => figure.size === size.size)
      put(row.name, at, [cell?.value ?? 'not known', cell?.more].filter(Boolean).join(', '))
    }
  })
  return [...rows].map(([name, cells]) => ({ name, cells, differs: cells.map((says) => says !== cells[0]) }))
}
