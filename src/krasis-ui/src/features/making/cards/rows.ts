import type { MakingPlan, MakingStep } from '@/shared/api/types'

const keyOf = ({ line, title }: MakingStep) => line ?? title

/** Every step that any size has, in order, with its place on the card and each size's own; a size that has none of it
 * has an empty place. */
export function rowsOf(
  plans: readonly MakingPlan[],
): { key: string; place: number; step: MakingStep; cells: (MakingStep | null)[] }[] {
  const steps: MakingStep[] = []
  for (const plan of plans) {
    for (const [i, step] of plan.steps.entries()) {
      if (!steps.some((known) => keyOf(known) === keyOf(step))) {
        steps.splice(i, 0, step)
      }
    }
  }

  let place = 0
  return steps.map((step, i) => {
    place += step.into && step.into === steps[i - 1]?.into ? 0 : 1
    return {
      key: keyOf(step),
      place,
      step,
      cells: plans.map((plan) => plan.steps.find((other) => keyOf(other) === keyOf(step)) ?? null),
    }
  })
}

/** A plan's steps as a card lists them: what goes into the shaker or the blender jar together is one. */
export function groupsOf(steps: readonly MakingStep[]): { number: number; steps: MakingStep[] }[] {
  const groups: { number: number; steps: MakingStep[] }[] = []
  for (const step of steps) {
    const last = groups.at(-1)
    if (last?.number === step.number) {
      last.steps.push(step)
    } else {
      groups.push({ number: step.number, steps: [step] })
    }
  }

  return groups
}
