import type { BarView, Pourable } from '@/shared/api/types'

/** All that a line can be made of: what the bar buys, and then what it makes. */
export function pourablesOf(bar: BarView | undefined): Pourable[] {
  return [...(bar?.ingredients ?? []), ...(bar?.parts ?? [])].map(({ id, document, measures, recipes }) => ({
    id,
    name: document.name ?? '',
    kind: document.kind ?? '',
    colour: document.colour ?? 'transparent',
    measures,
    recipes,
  }))
}
