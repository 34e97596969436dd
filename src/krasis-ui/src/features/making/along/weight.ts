/** How a weight stands against what is right of a step: below, within or above it. */
export type Standing = 'none' | 'less' | 'right' | 'more'

/** A hair, below what any scale shows. */
const hair = 1e-9

export function standing(grams: number | null, target: { from: number; to: number } | null): Standing {
  if (grams === null || target === null) {
    return 'none'
  }

  return grams < target.from - hair ? 'less' : grams > target.to + hair ? 'more' : 'right'
}
