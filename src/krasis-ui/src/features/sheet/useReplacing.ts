import type { Ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import type { BuildDocument, Draft, Finding, Mend } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { toDraft } from './draft'

/** Lays on the sheet what the server has made of the build: proposed, mended, made anew, adjusted, brought back. One undo takes each back. */
export function useReplacing(draft: Ref<Draft | null>, change: (make: (next: Draft) => void) => void) {
  async function mend(wanted: Mend): Promise<void> {
    if (!draft.value) {
      return
    }

    try {
      const mended = await ask(api.POST('/api/mend', { body: { build: draft.value, mend: wanted } }))
      change((next) => Object.assign(next, toDraft(mended)))
    } catch (error) {
      tell({ text: ApiProblem.of(error).message, isFault: true })
    }
  }

  /** Lets a finding be, for a reason; without one it is looked at again. */
  function waive({ check, size, line }: Finding, reason: string | null): void {
    change((next) => {
      const others = (next.waivers ?? []).filter(
        (one) => one.check !== check || one.size !== size || (one.line ?? null) !== line,
      )
      next.waivers = reason === null ? others : [...others, { check, size, line, reason }]
    })
  }

  /** Begins with what was proposed; the name that was typed stays. */
  function begin(build: BuildDocument): void {
    change((next) => Object.assign(next, toDraft(build), { name: next.name }))
  }

  /** Lays what was made anew of the parent on the sheet; name, tags and what else is the variant's own stay. */
  function makeAnew(build: BuildDocument, version: number): void {
    change((next) => {
      const { name, tags, season, prices, parent } = next
      Object.assign(next, toDraft(build), { name, tags, season, prices, parent: { ...parent, version } })
    })
    tell({ text: 'It is made anew. Save to keep it so, or undo.' })
  }

  function adjust(document: BuildDocument): void {
    change((next) => Object.assign(next, toDraft(document)))
    tell({ text: 'It pours as it did. Save and publish it to keep it so, or undo.' })
  }

  function bringBack(document: BuildDocument): void {
    change((next) => Object.assign(next, toDraft(document)))
    tell({ text: 'It is on the sheet as it was then. Save to keep it so, or undo.' })
  }

  return { mend, waive, begin, makeAnew, adjust, bringBack }
}
