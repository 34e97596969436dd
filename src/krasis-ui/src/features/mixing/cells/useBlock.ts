import { ref, type Ref } from 'vue'
import type { DraftLine, SheetLine } from '@/shared/api/types'
import { amount } from '@/shared/format'
import type { useCells } from './useCells'

/** A line of the sheet with its cells, size by size. */
export interface Row {
  line: DraftLine
  cells: { size: string; name: string; cell: SheetLine | undefined }[]
}

const textOf = ({ cell }: Row['cells'][number]) => (cell ? `${amount(cell.amount)} ${cell.unit}` : '')
const asTable = (rows: string[][]) => rows.map((row) => row.join('\t')).join('\n')

/** A block of cells that is picked by the keyboard, copied and pasted: with tabs between cells and lines between rows, as
 * spreadsheets have it. */
export function useBlock(rows: Ref<Row[]>, cells: ReturnType<typeof useCells>) {
  /** From where it was begun to where it reaches. */
  const picked = ref<{ row: number; column: number; toRow: number; toColumn: number } | null>(null)

  function pick(row: number, column: number, down: number, across: number): void {
    const from = picked.value ?? { row, column, toRow: row, toColumn: column }
    const clamp = (value: number, most: number) => Math.max(0, Math.min(most, value))
    picked.value = {
      ...from,
      toRow: clamp(from.toRow + down, rows.value.length - 1),
      toColumn: clamp(from.toColumn + across, (rows.value[0]?.cells.length ?? 1) - 1),
    }
  }

  function isPicked(row: number, column: number): boolean {
    const block = picked.value
    return (
      block !== null &&
      row >= Math.min(block.row, block.toRow) &&
      row <= Math.max(block.row, block.toRow) &&
      column >= Math.min(block.column, block.toColumn) &&
      column <= Math.max(block.column, block.toColumn)
    )
  }

  return {
    pick,
    isPicked,
    drop: () => void (picked.value = null),
    /** Puts the picked block on the clipboard; within one cell, copying is the box's own affair. */
    copy(event: ClipboardEvent): void {
      if (picked.value) {
        event.preventDefault()
        const block = rows.value
          .map((row, i) => row.cells.filter((_, column) => isPicked(i, column)).map(textOf))
          .filter((row) => row.length > 0)
        event.clipboardData?.setData('text/plain', asTable(block))
      }
    },
    /** Lays a pasted block over the cells, its first one on the cell that was pasted into. */
    take(index: number, at: number, block: string[][]): void {
      void cells.commitBlock(
        block.flatMap((texts, down) =>
          texts.flatMap((text, across) => {
            const row = rows.value[index + down]
            const size = row?.cells[at + across]?.size
            return row && size ? [{ line: row.line.id, size, text }] : []
          }),
        ),
      )
    },
    /** All of the cells, under the names of the sizes. */
    asText: (names: string[]) =>
      asTable([
        ['', ...names],
        ...rows.value.map((row) => [row.cells[0]?.cell?.ingredientName ?? '', ...row.cells.map(textOf)]),
      ]),
  }
}
