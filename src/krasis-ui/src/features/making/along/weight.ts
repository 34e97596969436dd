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

/**
 * The weight of this step, if the typed number looks like the weight of everything in the cup: a scale that was not tared
 * shows that. The number must be right as a total and wrong for the step.
 * @param typed What was typed, g.
 * @param before What was in the cup before the step, g.
 * @returns Grams of this step; null if the number does not look like a total.
 */
export function stepOfTotal(
  typed: number | null,
  before: number,
  target: { from: number; to: number } | null,
): number | null {
  if (typed === null || before <= 0 || standing(typed, target) === 'right') {
    return null
  }

  const step = Math.round((typed - before) * 10) / 10
  return standing(step, target) === 'right' ? step : null
}
