import type { BuildState, BuildSummary, FoundBuild } from '@/shared/api/types'

export type Sort = 'name' | 'saved' | 'findings' | 'drift'

/** A build of the list, and why it is what was looked for. */
export interface Listed {
  build: BuildSummary
  found: FoundBuild | null
}

// Comparing by the words of a language is made ready once: with two thousand names it would take most of the time otherwise.
const { compare } = new Intl.Collator()
const findings = ({ faults, warnings }: BuildSummary) => faults + warnings

/**
 * The builds in the wanted state and order. Of what was looked for, what is not known stands last.
 * @param found What the server has found; null when nothing is looked for.
 */
export function listed(
  builds: BuildSummary[],
  found: FoundBuild[] | null,
  state: BuildState | null,
  sort: Sort,
): Listed[] {
  const by: Record<Sort, (one: BuildSummary, other: BuildSummary) => number> = {
    name: (one, other) => compare(one.name, other.name),
    saved: (one, other) => compare(other.updatedAt, one.updatedAt),
    findings: (one, other) => findings(other) - findings(one),
    drift: (one, other) => other.drifting - one.drifting,
  }
  const whys = found && new Map(found.map((one) => [one.id, one]))
  const isUnknown = ({ found }: Listed) => Number(found?.isKnown === false)
  return builds
    .filter(
      (build) =>
        (!whys || whys.has(build.id)) && (state === null ? build.state !== 'retired' : build.state === state),
    )
    .map((build) => ({ build, found: whys?.get(build.id) ?? null }))
    .sort(
      (one, other) =>
        isUnknown(one) - isUnknown(other) ||
        by[sort](one.build, other.build) ||
        by.name(one.build, other.build),
    )
}

/** How far ahead the list looks for builds that come on the board or go off it, days. */
const soon = 30

/** How many of them are named; the others are counted. */
const named = 3

/** The builds that come on the board or go off it soon, the soonest first: some by name, and how many more. */
export function dueSoon(builds: BuildSummary[]): { first: BuildSummary[]; more: number } {
  const due = builds
    .filter(({ board }) => board !== null && board.inDays <= soon)
    .sort((one, other) => (one.board?.inDays ?? 0) - (other.board?.inDays ?? 0))
  return { first: due.slice(0, named), more: Math.max(0, due.length - named) }
}
