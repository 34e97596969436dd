import type { BuildState } from '@/shared/api/types'

/** The states a build goes through, and what they are called. */
export const states: { value: BuildState; label: string; icon: string }[] = [
  { value: 'draft', label: 'Draft', icon: 'pi pi-pencil' },
  { value: 'trial', label: 'On trial', icon: 'pi pi-eye' },
  { value: 'standard', label: 'Standard', icon: 'pi pi-check-circle' },
  { value: 'retired', label: 'Retired', icon: 'pi pi-inbox' },
]

export function stateOf(state: BuildState) {
  return states.find(({ value }) => value === state) ?? { value: state, label: state, icon: '' }
}

/** What a move from one state to another is called where it is offered. Publishing is a step of its own. */
export function moveLabel(from: BuildState, to: BuildState): string {
  const labels: Record<BuildState, string> = {
    draft: 'Back to draft',
    trial: from === 'draft' ? 'Put on trial' : 'Back on trial',
    standard: from === 'standard' ? 'Publish again…' : 'Publish…',
    retired: 'Retire…',
  }
  return labels[to]
}
