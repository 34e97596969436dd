import type { BarView, DraftLine, Pourable } from '@/shared/api/types'

export interface LineChoices {
  line: DraftLine
  /** All lines of the build by name. */
  named: { id: string; name: string }[]
  pourables: Pourable[]
  /** What can be chosen of how a line goes in. */
  bar: Pick<BarView, 'foams' | 'words'>
}

/** What a line pours. */
export const pouredBy = ({ line, pourables }: LineChoices) =>
  pourables.find((pourable) => pourable.id === line.ingredient)

/** How a line goes in. */
export const techniqueOf = ({ line, bar }: LineChoices) =>
  bar.words.techniques.find(({ code }) => code === (line.technique ?? bar.words.usual.technique))

/** The espresso recipes by which a line's coffee can be pulled; only where there is a choice. */
export function recipesOf(choices: LineChoices) {
  const found = pouredBy(choices)?.recipes ?? []
  return found.length > 1 ? found : []
}

/** How the line goes in and, where it has a rule of its own, what it follows. */
export function saysOf(choices: LineChoices): string {
  const { line, named, bar } = choices
  const technique = techniqueOf(choices)
  const foams = technique?.wantsFoam ?? false
  const foam = foams ? bar.foams.find(({ id }) => id === line.foam)?.document.name : undefined
  const cap = foams && line.foamCapMm ? `, ${line.foamCapMm} mm of foam` : ''
  const cooling = technique?.cools
    ? bar.words.coolings.find(({ code }) => code === (line.cooling ?? bar.words.usual.cooling))?.name
    : undefined
  const rule = bar.words.rules.find(({ code }) => code === line.scale?.by)
  const of = line.scale?.by === 'share' ? named.find(({ id }) => id === line.scale?.of) : undefined
  return [
    line.to ?? '',
    recipesOf(choices).find(({ code }) => code === line.recipe)?.name ?? '',
    cooling ?? `${technique?.name ?? ''}${foam ? ` to ${foam}` : ''}${cap}`,
    rule ? `${rule.name}${of ? ` of ${of.name}` : ''}` : '',
  ]
    .filter(Boolean)
    .join(' · ')
}
