import type { MakingPlan } from '@/shared/api/types'

/** Everything that is to be minded in making some sizes, each thing once. */
export function cautionsOf(plans: readonly MakingPlan[]): string[] {
  return [
    ...new Set(
      plans.flatMap(({ steps, cautions }) => [...steps.flatMap((step) => step.cautions ?? []), ...cautions]),
    ),
  ]
}
