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
