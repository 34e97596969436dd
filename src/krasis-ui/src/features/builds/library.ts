import type { BuildState, BuildSummary } from '@/shared/api/types'
import { stateOf } from '@/features/versions/states'

export type Sort = 'name' | 'saved' | 'findings' | 'drift'

/** What is still to be seen to, notes and what is let be left out. */
export function findingsOf(build: BuildSummary) {
  return (build.sheet?.findings ?? []).filter(({ severity, waived }) => severity !== 'note' && waived == null)
}

/** How many sizes taste further from the reference than the house allows. */
export function driftingSizes(build: BuildSummary): number {
  return (build.sheet?.sizes ?? []).filter(
    ({ taste: { drift } }) => drift.isStrengthFar || drift.isSweetnessFar,
  ).length
}

/** Everything that a build can be looked for by. */
function wordsOf(build: BuildSummary): string {
  const sizes = build.sheet?.sizes ?? []
  return [
    build.name,
    stateOf(build.state).label,
    ...build.tags,
    build.board ? (build.board.isOn ? 'seasonal on the board' : 'seasonal off the board') : '',
    ...sizes.flatMap(({ name, lines, inside: { allergens } }) => [
      name,
      ...lines.map(({ ingredientName }) => ingredientName),
      ...allergens.found.map((found) => found.name),
    ]),
  ]
    .join(' ')
    .toLowerCase()
}

/** The builds that have every word, in the wanted state and order. */
export function found(
  builds: BuildSummary[],
  sought: string,
  state: BuildState | null,
  sort: Sort,
): BuildSummary[] {
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean)
  const left = builds.filter((build) => {
    const all = wordsOf(build)
    return (
      words.every((word) => all.includes(word)) &&
      (state === null ? build.state !== 'retired' : build.state === state)
    )
  })
  const by: Record<Sort, (one: BuildSummary, other: BuildSummary) => number> = {
    name: (one, other) => one.name.localeCompare(other.name),
    saved: (one, other) => other.updatedAt.localeCompare(one.updatedAt),
    findings: (one, other) => findingsOf(other).length - findingsOf(one).length,
    drift: (one, other) => driftingSizes(other) - driftingSizes(one),
  }
  return left.sort((one, other) => by[sort](one, other) || by.name(one, other))
}
