import type { CupDrawing, SizeSheet } from '@/shared/api/types'

interface Choice {
  code: string
  name: string
}

/** How a drink is served. */
export const serves: Choice[] = [
  { code: 'hot', name: 'hot' },
  { code: 'iced', name: 'iced' },
  { code: 'layered', name: 'layered' },
  { code: 'shaken', name: 'shaken' },
  { code: 'blended', name: 'blended' },
]

/** The moments at which the cups can be drawn: as poured, then those of the sheet. */
export const momentWords = ['poured', 'hand-over', '+10 min', '+20 min']

/** What a cup looks like at one of those moments. */
export const drawingAt = (size: SizeSheet, at: number): CupDrawing =>
  size.life.moments[at - 1]?.drawing ?? size.drawing.poured

/** What opens over the sheet. */
export type SheetDialog =
  | 'variant'
  | 'history'
  | 'schools'
  | 'keys'
  | 'text'
  | { adviseOn: string }
  /** One thing in every size, and the line with which it begins. */
  | { everySize: string | null }
