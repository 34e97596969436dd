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

/** What a line follows from the reference size to another. */
export const rules: Choice[] = [
  { code: 'fixed', name: 'the same in every size' },
  { code: 'ladder', name: 'one step a size' },
  { code: 'cup', name: 'with the cup' },
  { code: 'coffee', name: 'with the coffee' },
  { code: 'sweetness', name: 'for sweetness' },
  { code: 'rest', name: 'the rest of the cup' },
  { code: 'share', name: 'a share' },
]

/** The moments at which the cups can be drawn: as poured, then those of the sheet. */
export const momentWords = ['poured', 'hand-over', '+10 min', '+20 min']
