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

/** What can be done with a build in a state. Publishing is a step of its own. */
export function movesFrom(state: BuildState): { to: BuildState; label: string }[] {
  switch (state) {
    case 'draft':
      return [
        { to: 'trial', label: 'Put on trial' },
        { to: 'standard', label: 'Publish…' },
        { to: 'retired', label: 'Retire…' },
      ]
    case 'trial':
      return [
        { to: 'standard', label: 'Publish…' },
        { to: 'draft', label: 'Back to draft' },
        { to: 'retired', label: 'Retire…' },
      ]
    case 'standard':
      return [
        { to: 'standard', label: 'Publish again…' },
        { to: 'trial', label: 'Back on trial' },
        { to: 'retired', label: 'Retire…' },
      ]
    default:
      return [{ to: 'draft', label: 'Back to draft' }]
  }
}

const whoKey = 'krasis.who'

/** Who is at this counter, remembered in this browser. */
export function rememberedWho(): string {
  try {
    return localStorage.getItem(whoKey) ?? ''
  } catch {
    return ''
  }
}

export function rememberWho(who: string): void {
  try {
    localStorage.setItem(whoKey, who)
  } catch {
    // It will be asked again.
  }
}
