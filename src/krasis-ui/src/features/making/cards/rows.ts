import type { MakingPlan, MakingStep } from '@/shared/api/types'

const keyOf = ({ line, title }: MakingStep) => line ?? title

/** Every step that any size has, in order, with each size's own; a size that has none of it has an empty place. */
export function rowsOf(plans: readonly MakingPlan[]): { step: MakingStep; cells: (MakingStep | null)[] }[] {
  const steps: MakingStep[] = []
  for (const plan of plans) {
    for (const step of plan.steps) {
      if (!steps.some((known) => keyOf(known) === keyOf(step))) {
        steps.splice(step.number - 1, 0, step)
      }
    }
  }

  return steps.map((step) => ({
    step,
    cells: plans.map((plan) => plan.steps.find((other) => keyOf(other) === keyOf(step)) ?? null),
  }))
}
