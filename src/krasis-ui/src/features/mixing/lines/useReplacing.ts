import type { BuildDocument, Draft, Finding, Proposal } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { toDraft } from '@/features/mixing/saving/draft'

/** Lays on the sheet what the server has made of the build: proposed, made anew, adjusted, brought back. One undo takes each back. */
export function useReplacing(change: (make: (next: Draft) => void) => void) {
  /** Lets a finding be, for a reason; without one it is looked at again. */
  function waive({ check, size, line }: Finding, reason: string | null): void {
    change((next) => {
      const others = (next.waivers ?? []).filter(
        (one) => one.check !== check || one.size !== size || (one.line ?? null) !== line,
      )
      next.waivers = reason === null ? others : [...others, { check, size, line, reason }]
    })
  }

  /** Starts with the proposal and shows what to know about it. A typed name stays. */
  function begin({ build, says }: Proposal): void {
    change((next) => Object.assign(next, toDraft(build), { name: next.name }))
    tell({ text: [...says, 'Taste it before you publish it.'].join(' ') })
  }

  /** Lays what was made anew of the parent on the sheet; name, tags and what else is the variant's own stay. */
  function makeAnew(build: BuildDocument, version: number): void {
    change((next) => {
      const { name, tags, season, prices, parent } = next
      Object.assign(next, toDraft(build), { name, tags, season, prices, parent: { ...parent, version } })
    })
    tell({ text: 'It is made anew. Save to have it so, or undo.' })
  }

  /** @param says What adjusting comes to. */
  function adjust(document: BuildDocument, says: string): void {
    change((next) => Object.assign(next, toDraft(document)))
    tell({ text: `${says} Save and publish it to have it so, or undo.` })
  }

  function bringBack(document: BuildDocument): void {
    change((next) => Object.assign(next, toDraft(document)))
    tell({ text: 'It is on the sheet as it was then. Save to have it so, or undo.' })
  }

  /** Lays the build on the sheet in which one thing changed in every size. */
  function changeEverySize(document: BuildDocument): void {
    change((next) => Object.assign(next, toDraft(document)))
    tell({ text: 'Every size is changed. Undo takes it back.' })
  }

  return { waive, begin, makeAnew, adjust, bringBack, changeEverySize }
}
